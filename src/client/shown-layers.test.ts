import type { DrawnLayer } from '@/drawing';
import type { ShownFit } from './shown-fit';
import { drawingOf } from './use-shown-layers';

type Layer = ShownFit['layers'][number];

const live = ['below', 'above'].map((id) => ({ id, hex: 'live' }) as unknown as DrawnLayer);
const layer = (layerId: string, outline: string | null) =>
  ({ layerId, materialId: 'film', frozen: outline && { outline, spot: { xMm: 1 } } }) as unknown as Layer;
const ring = [0, 0, 1, 0, 1, 1];

test('what is frozen is drawn by its own outline, the rest as the fit has it, and what is on its way is told', () => {
  const draw = (...layers: Layer[]) =>
    drawingOf(layers, live, {
      outlineOf: (sha) => (sha === 'kept' ? [[ring, ring], [ring]] : null),
      frozen: ({ layerId }, outline, spot) =>
        ({ id: layerId, rings: outline.flat().length, spot }) as unknown as DrawnLayer,
    });
  expect(draw(layer('above', null))).toEqual({ layers: [live[1]], numHoles: null, isReading: false });
  expect(draw(layer('below', 'kept'), layer('above', null))).toEqual({
    layers: [{ id: 'below', rings: 3, spot: { xMm: 1 } }, live[1]],
    numHoles: 1,
    isReading: false,
  });
  expect(draw(layer('below', 'kept'), layer('above', 'kept')).numHoles).toBe(2);
  expect(draw(layer('below', 'on its way'), layer('above', null))).toEqual({
    layers: [live[1]],
    numHoles: null,
    isReading: true,
  });
});
