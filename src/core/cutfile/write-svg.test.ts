import { artCache } from '../artwork';

import { type Outline, outlineFromNumbers } from '../geometry';
import { changeMaterial, changePlace } from '../edit';
import { freezePass } from '../freeze';
import { planPasses } from '../sheets';
import type { RunSpec } from '../spec';
import { aHead, aRect, aRun, piecesOfRun, seededBytes, shippedFaces, withCard } from '../test';
import { pathData, writeSvg } from '.';

const cache = artCache(shippedFaces());

function passOf(spec: RunSpec) {
  const wanted = piecesOfRun(spec, cache).map((piece) => ({ piece, attempt: 1 }));
  const [planned] = planPasses(spec, wanted).passes;
  const { pass, outlines } = freezePass(planned!, aHead(spec), seededBytes());
  return { pass, outlineOf: (sha: string): Outline => outlineFromNumbers(JSON.parse(outlines[sha]!)) };
}

function svgOfRun(spec: RunSpec): string {
  const { pass, outlineOf } = passOf(spec);
  return writeSvg(pass, outlineOf);
}

function svgOf(texts: readonly string[], materialId = 'film-gold'): string {
  return svgOfRun(changeMaterial(aRun(texts), null, materialId));
}

test('the page is the usable bed in true millimetres, and nothing is moved by a transform', () => {
  const svg = svgOf(['Ann', 'Bo']);
  expect(svg).toContain('width="290mm" height="290mm" viewBox="0 0 290 290"');
  // The spot of each piece is written as it was kept, to 0.1 µm.
  const drawn = svg.replace(/ data-[xy]-mm="\d+(\.\d{1,4})?"/g, '');
  expect(drawn).not.toMatch(/transform|style=|NaN|Infinity|-0[^.\d]|\d\.\d{4}|-mm/);
});

test('each piece is one group with its entry, text, material and reversal, one path an island', () => {
  const svg = svgOf(['Pip & Co'], 'adhesive-silver');
  expect(svg.match(/<g /g)).toHaveLength(1);
  expect(svg).toMatch(
    /<g id="piece-([a-z0-9]{10})-[a-z0-9]{10}-1-chestplace-textlayera-1" data-entry="\1" data-place="chestplace" data-layer="textlayera" data-text="Pip &amp; Co" data-material="adhesive-silver" data-reversed="false" data-tool="cut" data-x-mm="[\d.]+" data-y-mm="[\d.]+">/,
  );
  expect(svg.match(/<path fill-rule="evenodd" d="/g)!.length).toBeGreaterThan(3);
});

test('in every path the holes come before the ring around them', () => {
  for (const [, d] of svgOf(['Bobo']).matchAll(/ d="([^"]+)"/g)) {
    const widths = d!
      .split('M')
      .filter(Boolean)
      .map((ring) => {
        const xs = [...ring.matchAll(/(-?[\d.]+) -?[\d.]+/g)].map(([, x]) => Number(x));
        return Math.max(...xs) - Math.min(...xs);
      });
    expect(Math.max(...widths)).toBe(widths.at(-1));
  }
});

test('a reversed piece is the mirror image of one that is not, in the same box', () => {
  const xs = (svg: string) => [...svg.matchAll(/[ML](-?[\d.]+) /g)].map(([, x]) => Number(x));
  const reversed = xs(svgOf(['Ann']));
  const plain = xs(svgOf(['Ann'], 'card-cream'));
  const turned = plain.map((x) => Math.min(...plain) + Math.max(...plain) - x);
  const inOrder = (values: number[]) => [...values].sort((a, b) => a - b);
  const expected = inOrder(turned);
  const apart = inOrder(reversed).map((x, i) => Math.abs(x - expected[i]!));
  expect(reversed).toHaveLength(plain.length);
  expect(Math.max(...apart)).toBeLessThanOrEqual(0.002); // each side is rounded to a micrometre
  expect(inOrder(reversed)).not.toEqual(inOrder(plain));
});

test('markup and control characters in a text stay text', () => {
  const svg = svgOf(['<g onload="x">']);
  expect(svg).toContain('data-text="&lt;g onload=&quot;x&quot;&gt;"');
  expect(svg.match(/<g /g)).toHaveLength(1);
});

test('path data of nothing is nothing', () => {
  expect(pathData({ islands: [] })).toBe('');
});

test('a scored line is there and not back, as long as the fold; what is pierced and drawn is closed', () => {
  const card = withCard(aRun(['Ann']), { fold: 'top', sewing: { insetMm: 3, pitchMm: 9, diameterMm: 1 } });
  const svg = svgOfRun(changePlace(card, null, (place) => ({ ...place, outline: aRect(90, 60) })));
  const linesOf = (tool: string) => {
    const [, body = ''] = new RegExp(`data-tool="${tool}"[^>]*>\n(.*?)\n</g>`, 's').exec(svg) ?? [];
    return [...body.matchAll(/^<path d="([^"]+)"\/>$/gm)].map(([, d]) => d!);
  };
  const [score, ...others] = linesOf('score');
  expect(others).toEqual([]);
  const [, x1, y1, x2, y2] = /^M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)$/.exec(score!)!.map(Number);
  expect(Math.hypot(x2! - x1!, y2! - y1!)).toBeCloseTo(90, 2);
  expect(linesOf('pierce').length).toBeGreaterThan(30);
  for (const d of [...linesOf('pierce'), ...linesOf('draw')]) expect(d).toMatch(/^M[^M]+Z$/);
});

test('files of passes from before say what they said: neither tool nor spot, at first not even the place', () => {
  const made = passOf(aRun(['Ann']));
  const groupOf = (cutFile: 1 | 2 | 3) => /<g [^>]+>/.exec(writeSvg({ ...made.pass, cutFile }, made.outlineOf))![0];
  expect(groupOf(3)).toMatch(/data-place=.*data-tool="cut" data-x-mm=/);
  expect(groupOf(2)).toMatch(/data-place="chestplace" data-layer="textlayera".*data-reversed="true">$/);
  expect(groupOf(1)).not.toMatch(/data-place|data-layer|data-tool|-mm/);
});
