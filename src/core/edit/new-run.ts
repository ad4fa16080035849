import { DEFAULT_BEDS, DEFAULT_BLANK, DEFAULT_CARDS, DEFAULT_LETTERINGS, DEFAULT_MATERIALS } from '../shop';
import {
  DEFAULT_GROUP,
  DEFAULT_REMEDIES,
  DEFAULT_LIST,
  DEFAULT_MONOGRAM,
  wordingOf,
  type Entry,
  type RunSpec,
  SPEC_VERSION,
} from '../spec';
import { type RandomBytes, makeId } from '../ids';

interface NewRun {
  readonly title: string;
  readonly dueOn: string | null;
  readonly entries: readonly Entry[];
}

/**
 * A run from a bare list: one blank with one place, a script lettering that fills it, a film that is pressed on, the
 * smallest common bed. Every part can be changed later; none has to be.
 */
export function newRunSpec({ title, dueOn, entries }: NewRun, randomBytes: RandomBytes): RunSpec {
  const sizeGroupId = makeId<'size'>(randomBytes);
  const [place] = DEFAULT_BLANK.value.places;
  const [variant] = DEFAULT_BLANK.value.variants;
  const [lettering] = DEFAULT_LETTERINGS;
  const [material] = DEFAULT_MATERIALS;
  const [bed] = DEFAULT_BEDS;
  return {
    format: 'knurl-run',
    formatVersion: SPEC_VERSION,
    title,
    dueOn,
    language: 'en',
    entries,
    uses: [
      {
        id: makeId<'use'>(randomBytes),
        blankId: DEFAULT_BLANK.id,
        variant: { kind: 'fixed', variantId: variant.id },
        each: 1,
        who: { kind: 'all' },
        places: [
          {
            placeId: place.id,
            wording: wordingOf(['{text}']),
            letteringId: lettering.id,
            sizeGroupId,
            materials: { main: material.id },
          },
        ],
      },
    ],
    sizeGroups: [{ id: sizeGroupId, rule: { kind: 'fill' }, ...DEFAULT_GROUP }],
    list: DEFAULT_LIST,
    monogram: DEFAULT_MONOGRAM,
    overrides: [],
    looked: {},
    remedies: DEFAULT_REMEDIES,
    proof: {},
    prepare: { spoilagePct: 5, done: [] },
    layout: { bedId: bed.id, spacingMm: 6, edgeMm: 5, mayTurn: true, heldBack: [], seed: 1 },
    shop: {
      blanks: [DEFAULT_BLANK],
      materials: DEFAULT_MATERIALS,
      beds: DEFAULT_BEDS,
      letterings: DEFAULT_LETTERINGS,
      cards: DEFAULT_CARDS,
      motifs: [],
    },
  };
}
