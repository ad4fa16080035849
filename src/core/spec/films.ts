import { fieldOf } from './field-of';
import { wordKey } from '../shop';
import type { BlankUse, Entry, PlaceUse, RunSpec } from './run-spec';
import { columnValues, getsBlank } from './who';

export type FilmRule = NonNullable<PlaceUse['films']>[string];

/** What the list asks for that no film is named for. */
export interface FilmMissing {
  readonly slot: string;
  readonly field: string;
  readonly said: string;
}

export interface EntryFilms {
  /** Which material each colour slot of this entry is cut from. */
  readonly materials: PlaceUse['materials'];
  /** Slots whose column says what nothing is named for; those have what the place says. */
  readonly missing: readonly FilmMissing[];
}

/** What the colour slots of a place are cut from for one entry: by its column where the place has such a rule, else as for all. */
export function filmsOf(
  { materials, films }: Pick<PlaceUse, 'materials' | 'films'>,
  { fields }: Pick<Entry, 'fields'>,
): EntryFilms {
  if (!films) return { materials, missing: [] };
  const own: Record<string, string> = { ...materials };
  const missing: FilmMissing[] = [];
  for (const [slot, rule] of Object.entries(films)) {
    if (!(slot in materials)) continue;
    const said = fieldOf(fields, rule.field).trim();
    // Whose cell is empty gets what the place says.
    if (wordKey(said) === '') continue;
    const materialId = namedFilm(rule, said);
    if (materialId === null) missing.push({ slot, field: rule.field, said });
    else own[slot] = materialId;
  }
  return { materials: own, missing };
}

function namedFilm({ named }: FilmRule, said: string): string | null {
  return named.find(({ value }) => wordKey(value) === wordKey(said))?.materialId ?? null;
}

export interface FilmValue {
  readonly value: string;
  readonly numEntries: number;
  /** Null: no film is named for it yet. */
  readonly materialId: string | null;
}

/** What the column of a rule says of those who get the blank, each value once: those without a film first. */
export function filmValues({ entries }: Pick<RunSpec, 'entries'>, use: BlankUse, rule: FilmRule): readonly FilmValue[] {
  const takers = entries.filter((entry) => getsBlank(use, entry));
  const values = columnValues({ entries: takers }, rule.field)
    .filter(({ value }) => wordKey(value) !== '')
    .map((one): FilmValue => ({ ...one, materialId: namedFilm(rule, one.value) }));
  return [
    ...values.filter(({ materialId }) => materialId === null),
    ...values.filter(({ materialId }) => materialId !== null),
  ];
}

/** Every material that a place may be cut from, whoever gets it. */
export function materialIdsOf({ materials, films = {} }: Pick<PlaceUse, 'materials' | 'films'>): readonly string[] {
  return [
    ...Object.values(materials),
    ...Object.values(films).flatMap(({ named }) => named.map(({ materialId }) => materialId)),
  ];
}
