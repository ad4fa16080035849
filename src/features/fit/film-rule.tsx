'use client';

import { type FilmAtHand, entriesWords, filmOptions, useFilmsAtHand, useRun } from '@/client';
import { type MainPlace, type PlaceSlot, changeFilmColumn, nameFilm } from '@/core/edit';
import { columnsBesideText } from '@/core/roster';
import { type FilmValue, filmValues } from '@/core/spec';
import { Select, withOwn } from '@/ui';

interface FilmRuleProps {
  readonly place: MainPlace;
  readonly slot: PlaceSlot;
}

/** The same film for all, or what a column of the list asks for: its values are named once, for all alike, and newcomers follow. */
export function FilmRule({ place, slot: { slot } }: FilmRuleProps) {
  const { spec, change } = useRun();
  const atHand = useFilmsAtHand();
  const rule = place.placeUse.films?.[slot] ?? null;
  const columns = columnsBesideText(spec.entries);
  if (columns.length === 0 && rule === null) return null;
  const values = rule ? filmValues(spec, place.use, rule) : [];
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <label className="grid grid-cols-[minmax(0,1fr)] gap-1">
        <span className="heading-small">Who gets another film</span>
        <Select
          options={withOwn(
            [['', 'nobody: the same for all'], ...columns.map((field) => [field, `by the column “${field}”`] as const)],
            rule?.field ?? '',
          )}
          value={rule?.field ?? ''}
          onChange={(field) =>
            change((now) => changeFilmColumn(now, place.at, { slot, field: field === '' ? null : field, atHand }))
          }
        />
      </label>
      {rule && (
        <ul aria-label={`What “${rule.field}” is cut from`} className="grid grid-cols-[minmax(0,1fr)] gap-1.5">
          {values.map((one) => (
            <FilmValueRow
              key={one.value}
              of={one}
              atHand={atHand}
              onName={(film) => change((now) => nameFilm(now, place.at, { slot, value: one.value, film }))}
            />
          ))}
        </ul>
      )}
    </div>
  );
}

interface FilmValueRowProps {
  readonly of: FilmValue;
  readonly atHand: readonly FilmAtHand[];
  readonly onName: (film: FilmAtHand) => void;
}

function FilmValueRow({ of: { value, numEntries, materialId }, atHand, onName }: FilmValueRowProps) {
  const isOpen = materialId === null;
  const options = filmOptions(atHand);
  return (
    <li className={isOpen ? 'border-l-4 border-madder bg-madder-tint px-3 py-1.5' : ''}>
      <label className="grid grid-cols-[minmax(0,1fr)] gap-1">
        <span>
          “{value}”, {entriesWords(numEntries)}
          {isOpen && ': cut from what?'}
        </span>
        <Select
          options={isOpen ? [['', 'choose a film'], ...options] : options}
          value={materialId ?? ''}
          onChange={(id) => {
            const film = atHand.find((one) => one.id === id);
            if (film) onName(film);
          }}
        />
      </label>
    </li>
  );
}
