import { BRASS_SCRIPT_SHA, HEAVY_SLAB_SHA, type Lettering, STAND_BLOCK_SHA } from '../shop';
import { entriesFromList, parseList } from '../roster';
import type { RunSpec, SizeRule } from '../spec';
import { changePlace, changePlaceUse, changeRule, newRunSpec } from '../edit';
import { seededBytes } from './seeded-bytes';

/** A run with every default and one entry per text. */
export function aRun(texts: readonly string[], title = 'Test run'): RunSpec {
  const random = seededBytes(7);
  const lines = parseList(texts.join('\n'), 'lines');
  return newRunSpec(
    { title, dueOn: null, entries: lines.ok ? entriesFromList(lines.value.lines, random) : [] },
    random,
  );
}

export function withRule(spec: RunSpec, rule: SizeRule): RunSpec {
  return changeRule(spec, null, rule);
}

/** The run's place with other measures; its lettering switched when named. */
export function withPlace(spec: RunSpec, widthMm: number, heightMm: number, letteringId?: string): RunSpec {
  const measured = changePlace(spec, null, (place) => ({ ...place, outline: { kind: 'rect', widthMm, heightMm } }));
  return letteringId === undefined ? measured : changePlaceUse(measured, null, (place) => ({ ...place, letteringId }));
}

/** Layers of a run in colours, bottom up, with what each is cut from. */
export const COLOURS = [
  { id: 'layerlower', slot: 'main', materialId: 'film-gold' },
  { id: 'layermiddl', slot: 'second', materialId: 'film-white' },
  { id: 'layerupper', slot: 'third', materialId: 'adhesive-silver' },
] as const;

/**
 * A run whose every text has two lines of different faces in three colours: the list's own words in the first, `co` in the second
 * beside them and beneath, ` & ` in the third and another face between.
 */
export function aColouredRun(texts: readonly string[]): RunSpec {
  const spec = aRun(texts);
  const lettering: Lettering = {
    name: 'Three colours',
    lines: [
      { face: STAND_BLOCK_SHA, caseForm: 'asTyped', trackingEm: 0, features: [] },
      { face: HEAVY_SLAB_SHA, caseForm: 'capitals', trackingEm: 0.05, features: [] },
    ],
    layers: COLOURS.map(({ id, slot }) => ({
      id: id as Lettering['layers'][number]['id'],
      slot,
      make: { kind: 'text' },
    })),
    minLetterHeightMm: 4,
  };
  const shop = {
    ...spec.shop,
    letterings: [...spec.shop.letterings, { id: 'three-colours', fromRev: null, value: lettering }],
  };
  return changePlaceUse({ ...spec, shop }, null, (place) => ({
    ...place,
    letteringId: 'three-colours',
    materials: Object.fromEntries(COLOURS.map(({ slot, materialId }) => [slot, materialId])),
    wording: {
      lines: [
        {
          runs: [
            { template: '{text}', slot: 'main', face: null },
            { template: ' & ', slot: 'third', face: BRASS_SCRIPT_SHA },
            { template: 'co', slot: 'second', face: null },
          ],
        },
        { runs: [{ template: 'co', slot: 'second', face: null }] },
      ],
      spread: 'together',
      motifBlanks: 0,
      spacesAreBlanks: false,
    },
  }));
}
