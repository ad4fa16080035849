import { aRun, seededBytes } from '../test';
import { type TextRef, lookedKey, ownSettingsAt, runSpecSchema, specFaults } from '../spec';
import { dropLooked, dropOverrides, setLooked, setOverride, setOverrides } from '.';

const random = seededBytes(12);
const spec = aRun(['Ezra', 'Una', 'Ivo']);
const slots = spec.entries.map(
  ({ id }) => ({ entryId: id, useId: spec.uses[0]!.id, placeId: spec.uses[0]!.places[0]!.placeId }) as TextRef,
);

test('exceptions of several kinds stand beside each other; one of the same kind is replaced', () => {
  const narrow = setOverrides(spec, slots.slice(0, 2), { kind: 'width', share: 0.9 }, random);
  const both = setOverrides(narrow, slots, { kind: 'tracking', trackingEm: -0.02 }, random);
  const wider = setOverrides(both, [slots[0]!], { kind: 'width', share: 0.95 }, random);
  expect(wider.overrides).toHaveLength(5);
  expect(slots.map((at) => ownSettingsAt(wider, at))).toEqual([
    { widthShare: 0.95, trackingEm: -0.02 },
    { widthShare: 0.9, trackingEm: -0.02 },
    { trackingEm: -0.02 },
  ]);
  expect(runSpecSchema.safeParse(wider).success).toBe(true);
});

test('taking kinds back leaves the others, and says nothing where there is nothing', () => {
  const worded = setOverride(spec, slots[0]!, ['Ez'], random);
  const sized = setOverrides(worded, [slots[0]!], { kind: 'size', size: { by: 'height', mm: 20 } }, random);
  expect(ownSettingsAt(dropOverrides(sized, [slots[0]!], ['size']), slots[0]!)).toEqual({ lines: ['Ez'] });
  expect(ownSettingsAt(setOverride(sized, slots[0]!, undefined, random), slots[0]!)).toEqual({
    size: { by: 'height', mm: 20 },
  });
  expect(dropOverrides(sized, [slots[1]!], ['size'])).toBe(sized);
});

test('an exception that leads to no lettering or film is a fault with its field', () => {
  const lost = setOverrides(spec, [slots[0]!], { kind: 'lettering', letteringId: 'no-such' }, random);
  expect(specFaults(lost)).toEqual([{ kind: 'unknownId', field: 'overrides.0.set.letteringId', id: 'no-such' }]);
  const film = setOverrides(spec, [slots[0]!], { kind: 'material', materialId: 'no-film' }, random);
  expect(specFaults(film)).toEqual([{ kind: 'unknownId', field: 'overrides.0.set.materialId', id: 'no-film' }]);
});

test('findings are let stand and opened again by their key', () => {
  const key = lookedKey(slots[0]!, 'thinStroke');
  const looked = setLooked(spec, { [key]: { said: 'so', reason: '' } });
  expect(Object.keys(looked.looked)).toEqual([key]);
  expect(dropLooked(looked, [key]).looked).toEqual({});
});

test('remedies are each named once', () => {
  const doubled = {
    ...spec,
    remedies: { ...spec.remedies, order: ['tighten', 'tighten', 'twoLines', 'narrowerFace', 'shorten'] },
  };
  expect(runSpecSchema.safeParse(doubled).success).toBe(false);
});
