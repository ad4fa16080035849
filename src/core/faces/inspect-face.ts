import * as hb from 'harfbuzzjs';
import { type Outcome, fail, ok } from '../outcome';
import { glyphDrawer } from './glyph-drawer';
import { type FaceProblem, loadFace } from './load-face';
import { type TableAt, damagedTables, tableDirectory } from './table-directory';

/** What a font file says of itself, and what was found when its letters were drawn. */
export interface InspectedFace {
  readonly name: string;
  readonly varies: readonly InspectedAxis[];
  /** The bits by which its maker permits to hand it on; null where the file says nothing. */
  readonly permitBits: number | null;
  /** Its licence in its own words; empty where it says none. */
  readonly licence: string;
  /** Tables whose sum is not the one that stands beside them. */
  readonly damaged: readonly string[];
  /** Characters of the writings that are cut most, which a face has but does not draw. */
  readonly undrawn: readonly string[];
}

export interface InspectedAxis {
  readonly tag: string;
  readonly name: string;
  readonly min: number;
  readonly initial: number;
  readonly max: number;
}

export type InspectionProblem =
  | FaceProblem
  | { readonly kind: 'tooLarge'; readonly mostBytes: number }
  /** What is set and drawn by is not what the file says it is. */
  | { readonly kind: 'tablesDamaged'; readonly tags: readonly string[] }
  /** So many of its letters draw nothing, or leave every bound, that the file is damaged. */
  | { readonly kind: 'lettersDamaged'; readonly letters: readonly string[] };

/** As large as an opened face may be. */
export const MOST_FACE_BYTES = 16_000_000;

const MOST_LETTERS_UNDRAWN = 3;

/** What stands in these is read by people, or by nobody here: letters are neither set nor drawn by it. */
const ASIDE = ['name', 'post', 'DSIG', 'meta', 'gasp', 'cvt ', 'fpgm', 'prep', 'LTSH', 'VDMX', 'hdmx', 'PCLT', 'FFTM'];

/** What is asked for first of any face: what it has of these has to be drawn. */
const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789'];

const NAME_IDS = { family: 1, style: 2, licence: 13, familyOfMany: 16, styleOfMany: 17 } as const;
const MOST_NAME = 120;
const MOST_LICENCE = 600;

/** Looks through a font file before anything is set in it. Takes some ten milliseconds; of a file that was made to, longer. */
export function inspectFace(bytes: Uint8Array): Outcome<InspectedFace, InspectionProblem> {
  if (bytes.byteLength > MOST_FACE_BYTES) return fail({ kind: 'tooLarge', mostBytes: MOST_FACE_BYTES });
  const tables = tableDirectory(bytes);
  if (!tables.ok) return tables;
  const damaged = damagedTables(bytes, tables.value);
  const grave = damaged.filter((tag) => !ASIDE.includes(tag));
  if (grave.length > 0) return fail({ kind: 'tablesDamaged', tags: grave });
  const loaded = loadFace(bytes);
  if (!loaded.ok) return loaded;
  const face = new hb.Face(new hb.Blob(bytes));
  const undrawn = undrawnLetters(face);
  if (undrawn.length >= MOST_LETTERS_UNDRAWN) return fail({ kind: 'lettersDamaged', letters: undrawn });
  const named = (id: number) => face.getName(id, 'en').replaceAll(/\s+/gu, ' ').trim();
  const family = named(NAME_IDS.familyOfMany) || named(NAME_IDS.family);
  const style = named(NAME_IDS.styleOfMany) || named(NAME_IDS.style);
  return ok({
    name: plain(`${family} ${style}`).slice(0, MOST_NAME),
    varies: axesOf(face),
    permitBits: permitBitsIn(bytes, tables.value),
    licence: plain(named(NAME_IDS.licence)).slice(0, MOST_LICENCE),
    damaged,
    undrawn,
  });
}

/** Letters and figures that the face says it has, and of which nothing, or nothing that may be drawn, comes. */
function undrawnLetters(face: hb.Face): string[] {
  const font = new hb.Font(face);
  const draw = glyphDrawer(font, face.upem);
  return LETTERS.filter((letter) => {
    const glyph = font.nominalGlyph(letter.codePointAt(0)!);
    return glyph !== undefined && glyph !== null && glyph !== 0 && (draw(glyph)?.length ?? 0) === 0;
  });
}

/** Those that one looks for stand first, so that they are the ones that can be set where there are too many. */
const FIRST_AXES = ['wght', 'wdth', 'opsz', 'slnt', 'ital'];

function axesOf(face: hb.Face): InspectedAxis[] {
  const rank = (tag: string) => (FIRST_AXES.includes(tag) ? FIRST_AXES.indexOf(tag) : FIRST_AXES.length);
  return Object.values(face.getAxisInfos())
    .filter(({ tag, min, max }) => /^[A-Za-z0-9]{4}$/.test(tag) && Number.isFinite(min) && max > min)
    .toSorted((a, b) => rank(a.tag) - rank(b.tag))
    .map(({ tag, nameId, min, default: initial, max }) => ({
      tag,
      name: plain(face.getName(nameId, 'en')).slice(0, 60) || tag,
      min,
      initial,
      max,
    }));
}

const PERMIT_AT = 8;

/** The bits by which the maker of a font file permits to hand it on; null where it says nothing, or is none. */
export function permitBitsOf(bytes: Uint8Array): number | null {
  const tables = tableDirectory(bytes);
  return tables.ok ? permitBitsIn(bytes, tables.value) : null;
}

function permitBitsIn(bytes: Uint8Array, tables: ReadonlyMap<string, TableAt>): number | null {
  const table = tables.get('OS/2');
  if (!table || table.length < PERMIT_AT + 2) return null;
  return new DataView(bytes.buffer, bytes.byteOffset + table.offset, table.length).getUint16(PERMIT_AT);
}

/** Whatever a file writes of itself is shown to people: without what does not show. */
function plain(text: string): string {
  return text.replaceAll(/[\p{C}]/gu, '').trim();
}
