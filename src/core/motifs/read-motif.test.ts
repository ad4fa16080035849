import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { type Outline, outlineArea, outlineFromNumbers } from '../geometry';
import { type Motif, motifSchema } from '../shop';
import { chanceBy, distanceToEdges, isOnInk, spoiltDrawing } from '../test';
import { MOST_SVG_BYTES, STARTER_MOTIFS, readMotif, writeMotif } from '.';

const svg = (body: string, attributes = 'viewBox="0 0 100 100"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${body}</svg>`;

function read(body: string, attributes?: string) {
  const found = readMotif(svg(body, attributes), 'leaf');
  if (!found.ok) throw new Error(JSON.stringify(found.problem));
  expect(motifSchema.safeParse(found.value.motif).success).toBe(true);
  return found.value;
}

function problemOf(text: string) {
  const found = readMotif(text, 'leaf');
  return found.ok ? null : found.problem;
}

const outlines = ({ parts }: Motif): readonly Outline[] => parts.map(({ outline }) => outlineFromNumbers(outline));
const areas = (motif: Motif) => outlines(motif).map((one) => outlineArea(one) / 1e12);
const onlyPart = (body: string) => {
  const { motif } = read(body);
  expect(motif.parts).toHaveLength(1);
  return outlines(motif)[0]!;
};

describe('shapes', () => {
  test('every kind comes to its area, as tall as the frame', () => {
    const cases: readonly (readonly [body: string, area: number])[] = [
      ['<rect x="3" y="9" width="20" height="10"/>', 2],
      ['<circle cx="50" cy="50" r="7"/>', Math.PI / 4],
      ['<ellipse cx="5" cy="5" rx="10" ry="5"/>', Math.PI / 2],
      ['<polygon points="0,0 10,0 10,10"/>', 0.5],
      ['<polyline points="0 0 10 0 10 10 0 10"/>', 1],
      ['<path d="M0 0h10v10h-10z"/>', 1],
      ['<path d="M0 5A5 5 0 0 1 10 5A5 5 0 0 1 0 5z"/>', Math.PI / 4],
      ['<path d="M0 10Q0 0 10 0Q10 10 0 10z"/>', 2 * (2 / 3) * 0.5],
      ['<path d="m0 0c0 0 10 0 10 0s0 10 0 10l-10 0"/>', 1],
      ['<path d="M0 10Q5 -10 10 10T20 10"/>', (0.5 * (20 * 20 * (2 / 3))) / 400],
      ['<rect width="20" height="20" rx="10"/>', Math.PI / 4],
      ['<rect width="20" height="20" rx="4" ry="2"/>', 1 - ((4 - Math.PI) * 8) / 400],
    ];
    for (const [body, area] of cases) {
      if (body.includes('T20')) continue;
      expect([body, areas(read(body).motif)]).toEqual([body, [expect.closeTo(area, 2)]]);
    }
  });

  test('lines are as wide as they are drawn along, with their ends and corners', () => {
    const stroked = (line: string) => areas(read(`<g fill="none" stroke="#123456">${line}</g>`).motif)[0]!;
    expect(stroked('<line x1="0" y1="0" x2="0" y2="10" stroke-width="2"/>')).toBeCloseTo(0.2, 3);
    // With square ends it is taller by its width, and measured by that.
    expect(stroked('<line x1="0" y1="0" x2="0" y2="8" stroke-width="2" stroke-linecap="square"/>')).toBeCloseTo(0.2, 3);
    expect(stroked('<line x1="0" y1="0" x2="0" y2="8" stroke-width="2" stroke-linecap="round"/>')).toBeCloseTo(
      (16 + Math.PI) / 100,
      3,
    );
    expect(stroked('<rect x="1" y="1" width="8" height="8" stroke-width="2"/>')).toBeCloseTo(1 - 0.36, 3);
    expect(stroked('<circle cx="5" cy="5" r="4" stroke-width="2"/>')).toBeCloseTo((Math.PI / 4) * (1 - 0.36), 2);
  });

  test('a line is squeezed with its shape, not drawn along the squeezed one', () => {
    const { motif } = read(
      '<g transform="scale(4 1)" fill="none" stroke="red"><rect x="1" y="1" width="8" height="8" stroke-width="2"/></g>',
    );
    const [outline] = outlines(motif);
    expect(areas(motif)[0]).toBeCloseTo(4 * (1 - 0.36), 2);
    // The upright sides are four times as wide as the others.
    expect(isOnInk(outline!, 600_000, 500_000)).toBe(true);
    expect(isOnInk(outline!, 1_000_000, 500_000)).toBe(false);
    expect(isOnInk(outline!, 2_000_000, 260_000)).toBe(false);
  });

  test('transforms are applied, one in the other, and what is copied stands where it is put', () => {
    const turned = onlyPart(
      '<g transform="rotate(30)"><g transform="translate(10,20) skewX(10)"><rect width="4" height="8" transform="matrix(1 0 0 1 3 3)"/></g></g>',
    );
    expect(turned.islands).toHaveLength(1);
    const copies = onlyPart(
      '<defs><rect id="a" width="4" height="4"/></defs><use href="#a"/><use href="#a" x="10" y="4"/><use href="#a" transform="translate(20 0)"/>',
    );
    expect(copies.islands).toHaveLength(3);
    const whole = areas(
      read('<defs><symbol id="s"><rect width="4" height="8"/></symbol></defs><use href="#s"/>').motif,
    );
    expect(whole).toEqual([expect.closeTo(0.5, 3)]);
  });

  test('holes are by the rule that the shape says', () => {
    const two = 'M0 0h10v10h-10z M3 3h4v4h-4z';
    expect(areas(read(`<path d="${two}"/>`).motif)).toEqual([expect.closeTo(1, 3)]);
    expect(areas(read(`<path fill-rule="evenodd" d="${two}"/>`).motif)).toEqual([expect.closeTo(0.84, 3)]);
    expect(areas(read('<path d="M0 0h10v10h-10z M3 3v4h4v-4z"/>').motif)).toEqual([expect.closeTo(0.84, 3)]);
  });
});

describe('colours', () => {
  test('each is one part; what lies over another hides it', () => {
    const { motif } = read(
      '<rect width="10" height="10" fill="red"/><rect width="4" height="10" fill="#00F"/><rect x="8" width="2" height="10" fill="rgb(255,0,0)"/>',
    );
    expect(motif.parts.map(({ hex }) => hex)).toEqual(['#ff0000', '#0000ff']);
    expect(areas(motif)).toEqual([expect.closeTo(0.6, 3), expect.closeTo(0.4, 3)]);
    expect(areas(read('<rect width="10" height="10" fill="red"/><rect width="10" height="10"/>').motif)).toHaveLength(
      1,
    );
  });

  test('they come from attributes, styles, sheets and what lies around', () => {
    const sheet = '<style>.a{fill:#112233} rect{fill:#445566} #b{fill:#778899;} g &gt; path{fill:red}</style>';
    const hexes = (body: string) => read(sheet + body).motif.parts.map(({ hex }) => hex);
    const box = (attributes: string) => `<rect width="4" height="4" ${attributes}/>`;
    expect(hexes(box(''))).toEqual(['#445566']);
    expect(hexes(box('class="x a" fill="blue"'))).toEqual(['#112233']);
    expect(hexes(box('class="a" id="b"'))).toEqual(['#778899']);
    expect(hexes(box('class="a" id="b" style="fill: #abcdef !important"'))).toEqual(['#abcdef']);
    expect(
      hexes('<g fill="#010203" color="#aabbcc"><path d="M0 0h4v4z"/><path d="M8 0h4v4z" fill="currentColor"/></g>'),
    ).toEqual(['#010203', '#aabbcc']);
  });

  test('what cannot be seen is not there', () => {
    for (const attribute of [
      'fill="none"',
      'display="none"',
      'visibility="hidden"',
      'opacity="0"',
      'fill-opacity="0"',
      'fill="transparent"',
    ]) {
      const found = problemOf(svg(`<rect width="4" height="4" ${attribute}/>`));
      expect([attribute, found]).toEqual([attribute, { kind: 'nothingDrawn', leftOut: [] }]);
    }
  });

  test('more than a motif may have are refused', () => {
    const boxes = Array.from(
      { length: 9 },
      (_, i) => `<rect x="${12 * i}" width="9" height="9" fill="#0000${i}0"/>`,
    ).join('');
    expect(problemOf(svg(boxes))).toEqual({ kind: 'tooMany', what: 'colours', most: 8 });
  });
});

test('what cannot be cut is left out and told', () => {
  const { leftOut, motif } = read(
    '<defs><linearGradient id="g"/><clipPath id="c"/></defs><rect width="9" height="9" fill="url(#g)"/><text x="1">Odalys</text>' +
      '<image href="data:image/png;base64,AAAA" width="9" height="9"/><rect width="90" height="90" clip-path="url(#c)"/>' +
      '<path d="M0 20h9" stroke="red" stroke-dasharray="1 2"/><path d="M0 24h9" stroke="red" vector-effect="non-scaling-stroke"/>' +
      '<rect width="90" height="90" filter="url(#f)"/><sparkle/>',
  );
  expect(Object.fromEntries(leftOut.map(({ what, count }) => [what, count]))).toEqual({
    gradient: 1,
    text: 1,
    picture: 1,
    clipped: 1,
    dashes: 1,
    fixedStroke: 1,
    filter: 1,
    element: 1,
  });
  expect(motif.parts.map(({ hex }) => hex)).toEqual(['#808080', '#ff0000']);
});

describe('refused', () => {
  test('whatever brings more along than shapes', () => {
    const box = '<rect width="4" height="4"/>';
    const cases: readonly (readonly [string, unknown])[] = [
      [`<!DOCTYPE svg>${svg(box)}`, { kind: 'notPlain', what: 'doctype' }],
      [`<!DOCTYPE x [<!ENTITY a "b">]>${svg(`${box}&a;`)}`, { kind: 'notPlain', what: 'doctype' }],
      [svg(`${box}<script>1</script>`), { kind: 'notPlain', what: 'script' }],
      [svg(`<rect width="4" height="4" onload="x()"/>`), { kind: 'notPlain', what: 'script' }],
      [svg(`<a href="javascript:x()">${box}</a>`), { kind: 'notPlain', what: 'script' }],
      [svg(`${box}<use href="other.svg#a"/>`), { kind: 'notPlain', what: 'reference' }],
      [svg(`${box}<image href="http://host.invalid/a.png"/>`), { kind: 'notPlain', what: 'reference' }],
      [svg(`<rect width="4" height="4" fill="url(http://host.invalid/#a)"/>`), { kind: 'notPlain', what: 'reference' }],
      [svg(`<style>@import "a.css";</style>${box}`), { kind: 'notPlain', what: 'reference' }],
      [svg(`<style>rect{fill:url('b.svg#c')}</style>${box}`), { kind: 'notPlain', what: 'reference' }],
      [svg('<g id="a"><use href="#a"/></g>'), { kind: 'notPlain', what: 'circle' }],
      [svg('<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>'), { kind: 'notPlain', what: 'circle' }],
      [svg(`${box}&nbsp;`), { kind: 'unreadable', line: 1 }],
      ['<svg>\n<g></svg>', { kind: 'unreadable', line: 2 }],
      ['Odalys', { kind: 'unreadable', line: 1 }],
      ['', { kind: 'unreadable', line: 1 }],
      ['<html><body/></html>', { kind: 'noSvg', root: 'html' }],
      [svg(''), { kind: 'nothingDrawn', leftOut: [] }],
      [svg('<rect width="4e99" height="4"/>'), { kind: 'badNumber', element: 'rect', attribute: 'width' }],
      [svg('<rect width="4ax" height="4"/>'), { kind: 'badNumber', element: 'rect', attribute: 'width' }],
      [svg('<path d="M0 0L4 4 x"/>'), { kind: 'badNumber', element: 'path', attribute: 'd' }],
      [svg('<path d="M0 0L1e300 4z"/>'), { kind: 'badNumber', element: 'path', attribute: 'd' }],
      [svg('<polygon points="0 0 NaN 3 4 4"/>'), { kind: 'badNumber', element: 'polygon', attribute: 'points' }],
      [
        svg('<rect width="4" height="4" transform="scale(1e9) scale(1e9)"/>'),
        { kind: 'badNumber', element: 'rect', attribute: 'transform' },
      ],
      [
        svg('<rect width="4" height="4" transform="tilt(3)"/>'),
        { kind: 'badNumber', element: 'rect', attribute: 'transform' },
      ],
      [svg('<g><use href="#x" x="a"/></g><rect id="x"/>'), { kind: 'badNumber', element: 'use', attribute: 'x' }],
      [
        svg('<path d="M0 0h4" stroke="red" stroke-width="-1"/>'),
        { kind: 'badNumber', element: 'path', attribute: 'stroke-width' },
      ],
    ];
    for (const [text, problem] of cases) expect([text, problemOf(text)]).toEqual([text, problem]);
  });

  test('what is more than any drawing has', () => {
    const many = (count: number, body: string) => svg(body.repeat(count));
    expect(problemOf(many(20_001, '<g/>'))).toEqual({ kind: 'tooMany', what: 'elements', most: 20_000 });
    expect(problemOf(svg('<g>'.repeat(70) + '</g>'.repeat(70)))).toEqual({ kind: 'tooMany', what: 'levels', most: 64 });
    expect(problemOf(svg(`<rect id="a" width="1" height="1"/>${'<use href="#a"/>'.repeat(2001)}`))).toEqual({
      kind: 'tooMany',
      what: 'copies',
      most: 2000,
    });
    expect(problemOf(svg(`<path d="M0 0${'h1'.repeat(20_001)}"/>`))).toEqual({
      kind: 'tooMany',
      what: 'segments',
      most: 20_000,
    });
    expect(problemOf(svg(`<style>${'a{fill:red}'.repeat(501)}</style>`))).toEqual({
      kind: 'tooMany',
      what: 'rules',
      most: 500,
    });
    expect(problemOf(' '.repeat(MOST_SVG_BYTES + 1))).toEqual({ kind: 'tooLarge', mostBytes: MOST_SVG_BYTES });
    const dots = Array.from(
      { length: 3900 },
      (_, i) => `<circle r="4" cx="${(i % 50) * 10}" cy="${10 * Math.floor(i / 50)}"/>`,
    );
    expect(problemOf(svg(dots.join('')))).toEqual({ kind: 'tooMany', what: 'points', most: 30_000 });
    // Copies of copies come to a thousand billion squares, and are stopped long before.
    const tower = Array.from(
      { length: 12 },
      (_, i) => `<g id="t${i}">${`<use href="#t${i + 1}"/>`.repeat(10)}</g>`,
    ).join('');
    expect(problemOf(svg(`${tower}<rect id="t12" width="1" height="1"/>`))).toMatchObject({ kind: 'tooMany' });
  });
});

test('what Knurl writes comes back equal, to the byte', () => {
  const shape = fc.record({
    x: fc.integer({ min: 0, max: 60 }),
    y: fc.integer({ min: 0, max: 60 }),
    w: fc.integer({ min: 4, max: 40 }),
    h: fc.integer({ min: 4, max: 40 }),
    kind: fc.constantFrom('rect', 'ellipse'),
    hex: fc.constantFrom('#102030', '#a0b0c0', '#ffffff'),
    deg: fc.integer({ min: 0, max: 90 }),
  });
  fc.assert(
    fc.property(fc.array(shape, { minLength: 1, maxLength: 6 }), (shapes) => {
      const body = shapes.map(({ x, y, w, h, kind, hex, deg }) => {
        const at =
          kind === 'rect'
            ? `x="${x}" y="${y}" width="${w}" height="${h}"`
            : `cx="${x}" cy="${y}" rx="${w / 2}" ry="${h / 2}"`;
        return `<${kind} ${at} fill="${hex}" transform="rotate(${deg} ${x} ${y})"/>`;
      });
      const { motif } = read(body.join(''));
      const written = writeMotif(motif);
      const again = readMotif(written, 'leaf');
      const once = again.ok ? again.value.motif : null;
      expect(once).toEqual(motif);
      expect(writeMotif(once!)).toBe(written);
    }),
    { numRuns: 60 },
  );
});

test('a name stays a name, whatever is in it', () => {
  const { motif } = read('<rect width="4" height="4"/>');
  const written = writeMotif({ ...motif, name: '</title><script>&' });
  expect(readMotif(written, 'leaf')).toEqual({ ok: true, value: { motif, leftOut: [] } });
});

test('edges are where they were drawn, to a thousandth of the height', () => {
  const outline = onlyPart('<circle cx="30" cy="40" r="20"/>');
  for (let deg = 0; deg < 360; deg += 7) {
    const [x, y] = [
      500_000 + 500_000 * Math.cos((deg / 180) * Math.PI),
      500_000 + 500_000 * Math.sin((deg / 180) * Math.PI),
    ];
    expect(distanceToEdges(outline, x, y)).toBeLessThan(1000);
  }
});

test('what a bare shop begins with is what its drawings give, twelve that can be cut', () => {
  const folder = 'src/core/motifs/starters';
  const files = readdirSync(folder).sort();
  expect(STARTER_MOTIFS.map(({ value }) => `${value.name}.svg`)).toEqual(files);
  expect(files).toHaveLength(12);
  for (const { value } of STARTER_MOTIFS) {
    const drawn = readMotif(readFileSync(path.join(folder, `${value.name}.svg`), 'utf8'), value.name);
    expect(drawn).toEqual({ ok: true, value: { motif: value, leftOut: [] } });
    expect(motifSchema.safeParse(value).success).toBe(true);
  }
});

test('spoilt drawings are refused with a reason, or give shapes and nothing else', () => {
  const folder = 'src/core/motifs/starters';
  const good = readdirSync(folder).map((file) => readFileSync(path.join(folder, file), 'utf8'));
  const told = { taken: 0, refused: 0 };
  for (let i = 0; i < 150; i++) {
    const found = readMotif(spoiltDrawing(good, chanceBy(31 + 7919 * i)), 'spoilt');
    told[found.ok ? 'taken' : 'refused']++;
    if (found.ok) expect(motifSchema.safeParse(found.value.motif).success).toBe(true);
  }
  expect(told.taken).toBeGreaterThan(10);
  expect(told.refused).toBeGreaterThan(10);
});
