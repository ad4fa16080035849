import { STARTER_BLANKS } from '@/core/blanks';
import {
  type Bed,
  type Blank,
  type Copy,
  type Lettering,
  type Material,
  type Motif,
  type PressCard,
  DEFAULT_BEDS,
  DEFAULT_CARDS,
  DEFAULT_LETTERINGS,
  MATERIAL_KINDS,
  STARTER_MATERIALS,
  bedSchema,
  blankSchema,
  type OwnFace,
  ownFaceSchema,
  ownFacesOf,
  letteringSchema,
  materialSchema,
  motifSchema,
  pressCardSchema,
  upgradeBlank,
} from '@/core/shop';
import { STARTER_MOTIFS } from '@/core/motifs';
import { type ShopKind, findAttachment } from '@/store';
import type { Context } from './context';
import { missingFaces } from './missing-faces';
import type { InputIssue } from './problem';

/** What the shop keeps, by the shelf it stands on. */
export interface ShopValues {
  readonly blanks: Blank;
  readonly materials: Material;
  readonly beds: Bed;
  readonly letterings: Lettering;
  readonly cards: PressCard;
  readonly motifs: Motif;
  readonly faces: OwnFace;
}

export type Shelf = keyof ShopValues;

export interface ShelfFacts<T extends { readonly name: string }> extends ShopKind<T> {
  readonly starters: readonly Copy<T>[];
  /** One thing, as a sentence says it. */
  readonly word: string;
  /** What stands first on the shelf; things of one rank stand by name. */
  readonly rankOf: (value: T) => number;
  /** What the schema cannot see; null when all is well. */
  readonly issueOf: (context: Context, value: T) => Promise<InputIssue | null>;
}

const noIssue = () => Promise.resolve(null);
const byName = () => 0;
const byKind = ({ kind }: Pick<Material, 'kind'>) => MATERIAL_KINDS.indexOf(kind);

export const SHELVES: { readonly [S in Shelf]: ShelfFacts<ShopValues[S]> } = {
  blanks: {
    kind: 'blank',
    word: 'blank',
    starters: STARTER_BLANKS,
    parse: (json) => blankSchema.parse(upgradeBlank(json)) as Blank,
    rankOf: byName,
    issueOf: blankIssue,
  },
  materials: {
    kind: 'material',
    word: 'material',
    starters: STARTER_MATERIALS,
    parse: (json) => materialSchema.parse(json),
    rankOf: byKind,
    issueOf: noIssue,
  },
  beds: {
    kind: 'bed',
    word: 'bed',
    starters: DEFAULT_BEDS,
    parse: (json) => bedSchema.parse(json),
    rankOf: byName,
    issueOf: noIssue,
  },
  letterings: {
    kind: 'lettering',
    word: 'lettering',
    starters: DEFAULT_LETTERINGS,
    parse: (json) => letteringSchema.parse(json),
    rankOf: byName,
    issueOf: letteringIssue,
  },
  motifs: {
    kind: 'motif',
    word: 'motif',
    starters: STARTER_MOTIFS,
    parse: (json) => motifSchema.parse(json),
    rankOf: byName,
    issueOf: noIssue,
  },
  faces: {
    kind: 'face',
    word: 'face',
    starters: [],
    parse: (json) => ownFaceSchema.parse(json),
    rankOf: byName,
    issueOf: faceIssue,
  },
  cards: {
    kind: 'card',
    word: 'press card',
    starters: DEFAULT_CARDS,
    parse: (json) => pressCardSchema.parse(json),
    rankOf: byKind,
    issueOf: noIssue,
  },
};

/** What is said to whoever asks for a shelf that no shop has. */
export function noShelf(shelf: string) {
  return { kind: 'shelfNotFound', shelf, has: Object.keys(SHELVES) } as const;
}

export function isShelf(name: string): name is Shelf {
  return Object.hasOwn(SHELVES, name);
}

async function letteringIssue(context: Context, lettering: Lettering): Promise<InputIssue | null> {
  if ((await missingFaces(context, ownFacesOf(lettering))).length === 0) return null;
  return { field: 'lines', row: null, message: 'It names a face whose file is not here. Bring the face in first.' };
}

async function faceIssue(context: Context, face: OwnFace): Promise<InputIssue | null> {
  if ((await missingFaces(context, [face.file])).length === 0) return null;
  return { field: 'file', row: null, message: 'No file of that hash is kept. Send the file first.' };
}

async function blankIssue({ store }: Context, { photo, places, variants }: Blank): Promise<InputIssue | null> {
  if (photo && (await findAttachment(store.db, photo.sha)) === null) {
    const message = 'No photo of that hash is kept. Send the photo first.';
    return { field: 'photo.sha', row: null, message };
  }
  const ids = [...places, ...variants].map(({ id }) => id);
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) return { field: 'places', row: null, message: 'The id of a place stands twice.' };
  const lost = places.find(({ twinOf }) => twinOf !== null && !places.some(({ id }) => id === twinOf));
  if (lost) return { field: 'places', row: null, message: `“${lost.name}” is the twin of a place that is not there.` };
  return null;
}
