import fc from 'fast-check';
import { changeField, changeQuantity, takeOut } from '../roster';
import {
  changeHead,
  changeMaterial,
  changePlaceUse,
  changeUse,
  changeWordingAt,
  setLooked,
  setOverrides,
} from '../edit';
import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, STAND_BLOCK_SHA } from '../shop';
import { type RunSpec, type TextRef, UNREAD_QUANTITY, lookedKey } from '../spec';
import { COLOURS, aColouredRun, aRun, seededBytes } from '../test';
import { tickRows, proofRows } from '../wording';
import { isLayerEmpty, resetSlot, resolveSlots } from '.';

const bytes = seededBytes(3);
const textsOf = (spec: RunSpec) => resolveSlots(spec).map(({ text }) => text.join(' / '));
const atOf = (spec: RunSpec, i = 0): TextRef => resolveSlots(spec)[i]!.ref;
const only = (spec: RunSpec) => resolveSlots(spec)[0]!;

test('every copy of every entry has a slot for each place, in roster order, and knows which copy it is', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 1, maxLength: 4 }),
      fc.integer({ min: 1, max: 3 }),
      (quantities, each) => {
        const base = aRun(quantities.map((_, i) => `Name ${i + 1}`));
        const spec = quantities.reduce(
          (run, quantity, i) => changeQuantity(run, base.entries[i]!.id, quantity),
          changeUse(base, base.uses[0]!.id, (use) => ({ ...use, each })),
        );
        const slots = resolveSlots(spec);
        const wanted = quantities.flatMap((quantity, i) =>
          Array.from({ length: quantity * each }, (_, k) => [`Name ${i + 1}`, k + 1, k + 1]),
        );
        expect(slots.map(({ text, ref, copy }) => [text.join(), ref.ordinal, copy])).toEqual(wanted);
        expect(new Set(slots.map(({ itemId, ref }) => `${itemId}-${ref.placeId}`)).size).toBe(slots.length);
      },
    ),
    { numRuns: 25 },
  );
});

test('withdrawn entries, and those that a blank is not for, have none', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const [ann, bo] = spec.entries;
  expect(textsOf(takeOut(spec, new Set([bo!.id]), () => true))).toEqual(['Ann', 'Cy']);
  expect(
    textsOf(changeUse(spec, spec.uses[0]!.id, (use) => ({ ...use, who: { kind: 'chosen', entryIds: [ann!.id] } }))),
  ).toEqual(['Ann']);
});

test('line n takes style n, the last repeats, and a run’s own face wins', () => {
  const { lines, leadFace, text } = only(aColouredRun(['Ann']));
  expect(lines.map(({ runs }) => runs.map((run) => [run.text, run.colourSlot, run.face, run.trackingEm]))).toEqual([
    [
      ['Ann', 'main', STAND_BLOCK_SHA, 0],
      [' & ', 'third', BRASS_SCRIPT_SHA, 0],
      ['co', 'second', STAND_BLOCK_SHA, 0],
    ],
    [['CO', 'second', HEAVY_SLAB_SHA, 0.05]],
  ]);
  expect([leadFace, text]).toEqual([STAND_BLOCK_SHA, ['Ann & co', 'CO']]);
  const base = aColouredRun(['Ann']);
  const { useId, placeId } = atOf(base);
  const wording = base.uses[0]!.places[0]!.wording!;
  const three = changeWordingAt(base, { useId, placeId }, { ...wording, lines: [...wording.lines, wording.lines[1]!] });
  expect(only(three).lines[2]!.runs[0]).toMatchObject({ face: HEAVY_SLAB_SHA, text: 'CO' });
});

test('each layer is cut from the material of its slot, and one exception puts all of them on another', () => {
  const spec = aColouredRun(['Ann', 'Bo']);
  const said = (run: RunSpec, i = 0) =>
    resolveSlots(run)[i]!.layers.map(({ id, colourSlot, materialId, material }) => [
      id,
      colourSlot,
      materialId,
      material.name,
    ]);
  const nameOf = (id: string) => spec.shop.materials.find((one) => one.id === id)!.value.name;
  expect(said(spec)).toEqual(COLOURS.map(({ id, slot, materialId }) => [id, slot, materialId, nameOf(materialId)]));
  const second = changeMaterial(spec, null, 'card-cream', 'second');
  expect(said(second).map((one) => one[2])).toEqual(['film-gold', 'card-cream', 'adhesive-silver']);
  const own = setOverrides(spec, [atOf(spec, 1)], { kind: 'material', materialId: 'film-stretch' }, bytes);
  expect(said(own).map((one) => one[2])).toEqual(COLOURS.map(({ materialId }) => materialId));
  expect(said(own, 1).map((one) => one[2])).toEqual(['film-stretch', 'film-stretch', 'film-stretch']);
});

test('a layer is empty where its slot says nothing', () => {
  const spec = aColouredRun(['Ann']);
  const { useId, placeId } = atOf(spec);
  const run = (template: string, slot: string) => ({ template, slot, face: null });
  const saying = (...runs: ReturnType<typeof run>[]) => {
    const slot = only(
      changeWordingAt(spec, { useId, placeId }, { ...spec.uses[0]!.places[0]!.wording!, lines: [{ runs }] }),
    );
    return slot.layers.map((layer) => isLayerEmpty(slot, layer));
  };
  expect(saying(run('{text}', 'main'), run(' & ', 'third'))).toEqual([false, true, false]);
  expect(saying(run('{text}', 'second'), run('   ', 'main'))).toEqual([true, false, true]);
});

test('exceptions of one text set it otherwise, and no other', () => {
  const spec = aRun(['Ann', 'Bo']);
  const at = atOf(spec, 1);
  const changed = [
    { kind: 'lettering', letteringId: 'heavy-slab' } as const,
    { kind: 'tracking', trackingEm: 0.1 } as const,
    { kind: 'width', share: 0.9 } as const,
    { kind: 'size', size: { by: 'width', mm: 80 } } as const,
    { kind: 'lie', at: 'largest' } as const,
    { kind: 'wording', lines: ['Bobo', 'Lind'] } as const,
  ].reduce((run, set) => setOverrides(run, [at], set, bytes), spec);
  const [ann, bo] = resolveSlots(changed);
  expect(bo).toMatchObject({
    letteringId: 'heavy-slab',
    leadFace: HEAVY_SLAB_SHA,
    widthShare: 0.9,
    ownSize: { by: 'width', mm: 80 },
    liesLargest: true,
    text: ['Bobo', 'Lind'],
  });
  expect(bo!.lines.map(({ runs }) => runs.map(({ trackingEm }) => trackingEm))).toEqual([[0.1], [0.1]]);
  expect(ann).toMatchObject({ letteringId: 'brass-script', widthShare: 1, ownSize: null, liesLargest: false });
  expect(ann!.lines[0]!.runs[0]!.trackingEm).toBe(0);
});

test('a text that stays empty for now has no slot', () => {
  const spec = aRun(['Ann', 'Bo']);
  expect(textsOf(setOverrides(spec, [atOf(spec, 0)], { kind: 'wording', lines: null }, bytes))).toEqual(['Bo']);
  const { useId, placeId } = atOf(spec);
  expect(textsOf(changeWordingAt(spec, { useId, placeId }, null))).toEqual([]);
});

test('a letter to each blank: the copies take as many items as letters, in their case, and are not set apart again', () => {
  const base = changePlaceUse(aRun(['Weiß']), null, (place) => ({
    ...place,
    wording: { ...place.wording!, spread: 'letterPerBlank' },
  }));
  const letterings = base.shop.letterings.map((copy) => ({
    ...copy,
    value: { ...copy.value, lines: copy.value.lines.map((line) => ({ ...line, caseForm: 'capitals' as const })) },
  }));
  const spec = changeQuantity({ ...base, shop: { ...base.shop, letterings } }, base.entries[0]!.id, 2);
  const slots = resolveSlots(spec);
  expect(slots.map(({ text }) => text.join())).toEqual([...'WEISSWEISS']);
  expect(slots.map(({ copy }) => copy)).toEqual([1, 1, 1, 1, 1, 2, 2, 2, 2, 2]);
  expect(slots.every(({ isSpread, words }) => isSpread && words[0]!.text === 'Weiß')).toBe(true);
});

test('what is wrong with the words is told, stops first', () => {
  const spec = aRun(['Ann']);
  const [{ id }] = spec.entries as readonly [RunSpec['entries'][number]];
  const odd = changeField(changeField(spec, id, 'text', 'A\u0007nn'), id, UNREAD_QUANTITY, 'several');
  expect(only(odd).findings).toEqual([
    { kind: 'unprintable', severity: 'stop', codes: [7] },
    { kind: 'unreadQuantity', severity: 'check', said: 'several' },
  ]);
  const ticked = tickRows(spec, proofRows(spec), 'Wilma', '2026-05-04T08:00:00Z');
  expect(only(ticked).proof.kind).toBe('ticked');
  const reworded = changeField(ticked, id, 'text', 'Anna');
  expect(only(reworded).findings).toEqual([{ kind: 'changedSinceProof', severity: 'check', was: 'Ann' }]);
});

test('what was let stand is found by its text', () => {
  const spec = aRun(['Ann', 'Bo']);
  const looked = setLooked(spec, { [lookedKey(atOf(spec, 1), 'belowSet-alayer')]: { said: 'x', reason: '' } });
  expect(resolveSlots(looked).map((slot) => slot.looked)).toEqual([
    {},
    { 'belowSet-alayer': { said: 'x', reason: '' } },
  ]);
});

test('slots stay the very same objects where nothing that they read is changed', () => {
  const spec = aRun(['Ann', 'Bo', 'Cy']);
  const slots = resolveSlots(spec);
  expect(resolveSlots(changeHead(spec, { title: 'Another' }))).toBe(slots);
  const changed = resolveSlots(changeField(spec, spec.entries[1]!.id, 'text', 'Bob'));
  expect(changed.map((slot, i) => slot === slots[i])).toEqual([true, false, true]);
  const own = resolveSlots(setOverrides(spec, [slots[2]!.ref], { kind: 'width', share: 0.9 }, bytes));
  expect(own.map((slot, i) => slot === slots[i])).toEqual([true, true, false]);
  const [first] = proofRows(spec);
  const again = resolveSlots({ ...spec });
  const ticked = resolveSlots(tickRows(spec, [first!], 'Wilma', '2026-05-04T08:00:00Z'));
  expect(ticked.map((slot, i) => slot === again[i])).toEqual([false, true, true]);
});

test('where words say the entry’s number, those after one that was taken out are told anew', () => {
  const base = aRun(['Ann', 'Bo', 'Cy']);
  const { useId, placeId } = atOf(base);
  const lines = [{ runs: [{ template: '{number} {text}', slot: 'main', face: null }] }];
  const spec = changeWordingAt(base, { useId, placeId }, { ...base.uses[0]!.places[0]!.wording!, lines });
  expect(textsOf(spec)).toEqual(['1 Ann', '2 Bo', '3 Cy']);
  expect(textsOf(takeOut(spec, new Set([spec.entries[0]!.id]), () => false))).toEqual(['1 Bo', '2 Cy']);
});

test('a slot is set again as a remedy tries it, its exceptions kept', () => {
  const base = aRun(['Ann Lind']);
  const spec = setOverrides(base, [atOf(base)], { kind: 'tracking', trackingEm: 0.2 }, bytes);
  const slot = only(spec);
  const narrow = resetSlot(spec, slot, { widthShare: 0.85 });
  expect(narrow).toMatchObject({
    widthShare: 0.85,
    letteringId: slot.letteringId,
    text: ['Ann Lind'],
    liesLargest: false,
  });
  expect(narrow.lines[0]!.runs[0]!.trackingEm).toBe(0.2);
  const other = resetSlot(spec, slot, { letteringId: 'heavy-slab', trackingEm: 0, liesLargest: true });
  expect(other).toMatchObject({ leadFace: HEAVY_SLAB_SHA, liesLargest: true, ref: slot.ref });
  expect(other.lines[0]!.runs[0]!.trackingEm).toBe(0);
  const lines = ['Ann', 'Lind'].map((text, no) => ({ no, text, runs: [{ ...slot.setFrom[0]!.runs[0]!, text }] }));
  expect(resetSlot(spec, slot, { setFrom: lines }).text).toEqual(['Ann', 'Lind']);
});
