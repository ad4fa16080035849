import { artCache } from '../artwork';

import { type Outline, outlineFromNumbers } from '../geometry';
import { changeMaterial } from '../edit';
import { freezePass } from '../freeze';
import { planPasses } from '../sheets';
import { aHead, aRun, piecesOfRun, seededBytes, shippedFaces } from '../test';
import { pathData, writeSvg } from '.';

const cache = artCache(shippedFaces());

function svgOf(texts: readonly string[], materialId = 'film-gold'): string {
  const spec = changeMaterial(aRun(texts), null, materialId);
  const wanted = piecesOfRun(spec, cache).map((piece) => ({ piece, attempt: 1 }));
  const [planned] = planPasses(spec, wanted).passes;
  const { pass, outlines } = freezePass(planned!, aHead(spec), seededBytes());
  return writeSvg(pass, (sha): Outline => outlineFromNumbers(JSON.parse(outlines[sha]!)));
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
