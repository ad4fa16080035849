import { changeMotifTool, changePlaceUse, firstLine, placeAt, takeMotif } from '../edit';
import { STARTER_MOTIFS } from '../motifs';
import { wordingOf } from '../spec';
import { aRun, seededBytes } from '../test';
import { isLayerEmpty, resolveSlots } from '.';

const rosette = STARTER_MOTIFS.find(({ value }) => value.name === 'rosette')!;
const withRosette = takeMotif(aRun(['Ann', 'Bo']), null, rosette, seededBytes(8));

test('beside a motif letters are empty where nothing is said, and the motif never is', () => {
  const mute = changePlaceUse(withRosette, null, (place) => ({ ...place, wording: wordingOf([' ']) }));
  const empties = (spec: typeof mute) => {
    const slot = resolveSlots(spec)[0]!;
    return slot.layers.map((layer) => [layer.make.kind, isLayerEmpty(slot, layer)]);
  };
  expect(empties(mute)).toEqual(expect.arrayContaining([['text', true]]));
  expect(empties(mute).filter(([kind]) => kind !== 'text')).toEqual(expect.arrayContaining([['motif', false]]));
  expect(empties(withRosette).every(([, isEmpty]) => isEmpty === false)).toBe(true);
});

test('what is drawn on a layer is as fine as its pen, of what carries it; what is cut is of its own film', () => {
  const pen = firstLine('draw');
  const drawn = changeMotifTool(withRosette, null, { part: 1, tool: pen }, seededBytes(9));
  const { layers } = resolveSlots(drawn)[0]!;
  const carrier = layers.find(({ make }) => make.kind === 'backing')!;
  const lines = layers.filter(({ line }) => line);
  expect(lines).toHaveLength(1);
  for (const { line, materialId, material } of lines) {
    expect(line).toEqual({ tool: pen, carrierId: carrier.id });
    expect(materialId).toBe(carrier.materialId);
    expect(new Set(Object.values(material.finest))).toEqual(new Set([pen.lineMm]));
  }
  const films = placeAt(drawn, null).slots.map(({ slot, materialId }) => [slot, materialId] as const);
  for (const { line, colourSlot, materialId } of layers)
    if (!line) expect(films).toContainEqual([colourSlot, materialId]);
});
