import { type Outline, boxOfRings, outlineArea, outlineFromNumbers, outlineRings } from '../geometry';
import { readMotif } from '.';

const svg = (body: string, attributes = 'viewBox="0 0 100 100"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${body}</svg>`;

function read(body: string, attributes?: string) {
  const found = readMotif(svg(body, attributes), 'leaf');
  if (!found.ok) throw new Error(JSON.stringify(found.problem));
  return found.value;
}

const problemOf = (body: string, attributes?: string) => {
  const found = readMotif(svg(body, attributes), 'leaf');
  return found.ok ? null : found.problem;
};

const outlines = (body: string, attributes?: string): readonly Outline[] =>
  read(body, attributes).motif.parts.map(({ outline }) => outlineFromNumbers(outline));

/** The box of the only part, in thousandths of the height of all that is drawn. */
function boxes(body: string, attributes?: string) {
  return outlines(body, attributes).map((outline) => {
    const { minX, minY, maxX, maxY } = boxOfRings(outlineRings(outline))!;
    return [minX, minY, maxX, maxY].map((value) => Math.round(value / 1000));
  });
}

/** A frame of 100 by 100 around what is looked at. */
const FRAME = '<path fill="#00f" d="M0 0h100v1h-100zM0 99h100v1h-100z"/>';

test('numbers may be put apart by signs and points alone', () => {
  const box = '<rect width="20" height="10" fill="#f00"';
  const plain = boxes(`${FRAME}${box} transform="translate(10 -5) translate(0,25.5)"/>`);
  expect(boxes(`${FRAME}${box} transform="translate(10-5)translate(0,25.5)"/>`)).toEqual(plain);
  expect(plain[1]).toEqual([100, 205, 300, 305]);
  expect(boxes(`${FRAME}<polygon fill="#f00" points="10,20.5 30,20.5,30 30.5 10,30.5"/>`)).toEqual(plain);
  expect(boxes(`${FRAME}<polygon fill="#f00" points="10 20.5+30 20.5 30 30.5 1e1 30.5"/>`)).toEqual(plain);
  const turned = boxes('<rect width="20" height="10" transform="matrix(1 0 0-1 0 0)"/>');
  expect(turned).toEqual([[0, 0, 2000, 1000]]);
});

test('lengths with units are what they are to each other', () => {
  for (const [unit, px] of [
    ['mm', 96 / 25.4],
    ['cm', 96 / 2.54],
    ['in', 96],
    ['pt', 4 / 3],
    ['pc', 16],
    ['px', 1],
  ] as const) {
    const [box] = boxes(`<rect width="${3 * px}" height="${px}"/><rect width="3${unit}" height="1${unit}"/>`);
    expect([unit, box]).toEqual([unit, [0, 0, 3000, 1000]]);
    const [other] = boxes(`<rect width="1${unit}" height="${px}"/><rect width="1" height="${px}"/>`);
    expect(other![2]! / 1000).toBeCloseTo(Math.max(1, 1 / px), 2);
  }
});

test('per cents are of the box that the drawing says, and of nothing where it says none', () => {
  const half = '<rect x="10%" y="25%" width="50%" height="50%" fill="#f00"/>';
  expect(boxes(`<rect width="100%" height="100%" fill="#00f"/>${half}`, 'viewBox="0 0 200 100"')[1]).toEqual([
    200, 250, 1200, 750,
  ]);
  expect(boxes(`<rect width="100%" height="100%" fill="#00f"/>${half}`, 'width="40mm" height="20mm"')[1]).toEqual([
    200, 250, 1200, 750,
  ]);
  expect(problemOf(half, '')).toEqual({ kind: 'badNumber', element: 'rect', attribute: 'x' });
  const [circle] = boxes('<circle r="10%" cx="50%" cy="50%"/>', 'viewBox="0 0 300 400"');
  // Of the root of the mean square of both sides, by 50 across.
  expect(circle).toEqual([0, 0, 1000, 1000]);
  const both = boxes(
    '<rect width="300" height="400" fill="#00f"/><circle r="10%" cx="50%" cy="50%" fill="#f00"/>',
    'viewBox="0 0 300 400"',
  )[1]!;
  expect((both[3]! - both[1]!) / 1000).toBeCloseTo((2 * Math.sqrt((300 * 300 + 400 * 400) / 2) * 0.1) / 400, 2);
});

describe('boxes of their own', () => {
  const inner = (attributes: string) =>
    boxes(`${FRAME}<svg ${attributes}><rect width="10" height="10" fill="#f00"/></svg>`)[1];

  test('a drawing within the drawing is moved, and its box laid into its size', () => {
    expect(inner('x="20" y="30"')).toEqual([200, 300, 300, 400]);
    expect(inner('x="20" y="30" width="40" height="40" viewBox="0 0 10 10"')).toEqual([200, 300, 600, 700]);
    expect(inner('x="20" y="30" width="40" height="40" viewBox="-10 0 20 20"')).toEqual([400, 300, 600, 500]);
    // As large as fits, in the middle.
    expect(inner('width="80" height="40" viewBox="0 0 10 10"')).toEqual([200, 0, 600, 400]);
    expect(inner('width="80" height="40" viewBox="0 0 10 10" preserveAspectRatio="xMinYMid"')).toEqual([
      0, 0, 400, 400,
    ]);
    expect(inner('width="80" height="40" viewBox="0 0 10 10" preserveAspectRatio="xMaxYMax meet"')).toEqual([
      400, 0, 800, 400,
    ]);
    expect(inner('width="80" height="40" viewBox="0 0 10 10" preserveAspectRatio="none"')).toEqual([0, 0, 800, 400]);
    expect(inner('width="40" height="20" viewBox="0 0 10 10" preserveAspectRatio="xMidYMin slice"')).toEqual([
      0, 0, 400, 400,
    ]);
  });

  test('a symbol is laid into the size of its copy', () => {
    const copied = (use: string, symbol: string) =>
      boxes(
        `${FRAME}<symbol id="s" ${symbol}><rect width="10" height="5" fill="#f00"/></symbol><use href="#s" ${use}/>`,
      )[1];
    expect(copied('x="5" y="6"', '')).toEqual([50, 60, 150, 110]);
    expect(copied('x="5" y="6" width="20" height="20"', 'viewBox="0 0 10 10"')).toEqual([50, 60, 250, 160]);
    expect(copied('transform="translate(5 6)" width="20" height="20"', 'viewBox="0 0 10 10"')).toEqual([
      50, 60, 250, 160,
    ]);
    expect(copied('', 'viewBox="0 0 10 10"')).toEqual([0, 0, 1000, 500]);
  });

  test('where its size cannot be told it is left out and told', () => {
    const { leftOut } = read(
      `${FRAME}<svg viewBox="0 0 9 9" width="3ax" height="2"><rect width="9" height="9"/></svg>`,
    );
    expect(leftOut).toEqual([{ what: 'element', count: 1 }]);
    expect(
      read(`${FRAME}<svg viewBox="0 0 0 9" width="9" height="9"><rect width="9" height="9"/></svg>`).leftOut,
    ).toEqual([{ what: 'element', count: 1 }]);
  });
});

test('what a style sheet moves, and lines that are squeezed to nothing, are left out and told', () => {
  const moved = read(`${FRAME}<rect style="transform: rotate(3deg)" width="9" height="9"/>`);
  expect(moved.leftOut).toEqual([{ what: 'element', count: 1 }]);
  const squeezed = read(`${FRAME}<path d="M0 0h9" stroke="#f00" transform="scale(.0001 9)"/>`);
  expect([squeezed.leftOut, squeezed.motif.parts.length]).toEqual([[{ what: 'fixedStroke', count: 1 }], 1]);
  const flat = read(`${FRAME}<path d="M0 0h9v9" fill="none" stroke="#f00" transform="scale(1 0)"/>`);
  expect(flat.leftOut).toEqual([{ what: 'fixedStroke', count: 1 }]);
});

test('shapes without a size draw nothing, and specks that nobody could weed are no shapes', () => {
  for (const shape of [
    '<circle cx="5"/>',
    '<circle r="-2"/>',
    '<ellipse rx="4"/>',
    '<rect height="4"/>',
    '<rect width="0" height="4"/>',
    '<polyline points="3 3"/>',
    '<path d=""/>',
    '<path/>',
  ]) {
    expect([shape, problemOf(shape)]).toEqual([shape, { kind: 'nothingDrawn', leftOut: [] }]);
  }
  const [outline] = outlines(
    '<rect width="50" height="100"/><rect x="60" width=".08" height=".08"/><rect x="60" y="50" width=".3" height=".3"/>',
  );
  expect(outline!.islands).toHaveLength(2);
  expect(outlineArea(outline!) / 1e12).toBeCloseTo(0.5, 3);
});

test('a drawing that is much wider than tall is measured by its width', () => {
  const [box] = boxes('<rect width="400" height="10"/>');
  expect(box).toEqual([0, 0, 10_000, 250]);
  expect(boxes('<rect width="90" height="10"/>')).toEqual([[0, 0, 9000, 1000]]);
});
