import type { FitLayer } from '../fit';
import type { PlaceLayer } from '../spec';
import { layerBelow } from './layer-below';

type Make = PlaceLayer['make'];

const border: Make = { kind: 'border', distance: { by: 'mm', mm: 1 }, fillsUnderMm: 0 };
const inside: Make = { kind: 'inside', distance: { by: 'mm', mm: 1 }, lineMm: null };
const text: Make = { kind: 'text' };
const beside: Make = { kind: 'motif', part: 0, isBehind: false };
const behind: Make = { kind: 'motif', part: 0, isBehind: true };

/** Which layer each lies on, by its place from the bottom; null: the blank. */
function grounds(...makes: readonly Make[]) {
  const layers = makes.map((make) => ({ layer: { make } }) as unknown as FitLayer);
  return layers.map((_, i) => {
    const below = layerBelow(layers, i);
    return below ? layers.indexOf(below) : null;
  });
}

test('letters lie on what is made around them, not on letters of another colour', () => {
  expect(grounds(text, text)).toEqual([null, null]);
  expect(grounds(border, border, text, text)).toEqual([null, 0, 1, 1]);
  expect(grounds(text, inside)).toEqual([null, 0]);
  expect(grounds(border, text, inside, inside)).toEqual([null, 0, 1, 2]);
});

test('a motif lies beside letters and its own parts, or below the letters alone', () => {
  expect(grounds(beside, beside, text)).toEqual([null, null, null]);
  expect(grounds(border, beside, beside, text)).toEqual([null, 0, 0, 0]);
  expect(grounds(behind, behind, text)).toEqual([null, null, 1]);
  expect(grounds(border, behind, text)).toEqual([null, 0, 1]);
});
