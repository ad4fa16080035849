import { memo } from 'react';
import { findingSentence, findingWords } from '@/client';
import { asksOf } from '@/core/figures';
import { type Finding, findingKey } from '@/core/finding';
import { readQuantity } from '@/core/intake';
import type { Entry } from '@/core/spec';
import { Facet, type FacetProps, SeverityTag } from '@/ui';
import { EditCell } from './edit-cell';

/** What a row can be asked to do; the functions stay the same, so that only changed rows are drawn again. */
export interface RowDeeds {
  readonly onCurrent: (entryId: string) => void;
  readonly onField: (entryId: string, name: string, value: string) => void;
  readonly onQuantity: (entryId: string, quantity: number) => void;
  readonly onTakeOut: (entryId: string) => void;
  readonly onPutBack: (entryId: string) => void;
}

interface RosterRowProps {
  /** Place in the list from 0. */
  readonly index: number;
  readonly entry: Entry;
  readonly columns: readonly string[];
  readonly gridTemplate: string;
  readonly findings: readonly Finding[];
  /** Null for an entry that gives no item. */
  readonly facet: FacetProps | null;
  readonly deeds: RowDeeds;
}

/** Cells of the line as it came that say something else than the entry does now; empty when none does. */
function cameOtherwise({ raw, fields, quantity }: Entry): string {
  const present = new Set([...Object.values(fields), String(quantity)]);
  const cells = raw.split('\t').map((cell) => cell.trim());
  if (cells.includes(fields.text ?? '')) return '';
  const words = new Set((fields.text ?? '').split(' '));
  return cells
    .filter((cell) => cell !== '' && !present.has(cell) && !cell.split(/\s+/).every((word) => words.has(word)))
    .join(' · ');
}

/** One entry: as it came, as it will be cut, and what needs a look. */
export const RosterRow = memo(function RosterRow(props: RosterRowProps) {
  const { index, entry, columns, gridTemplate, findings, facet, deeds } = props;
  const { id, fields, quantity, withdrawn } = entry;
  const text = fields.text ?? '';
  const cameAs = cameOtherwise(entry);
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      onFocus={() => deeds.onCurrent(id)}
      className={`grid min-h-8 items-start border-b border-rule ${withdrawn ? 'text-soft' : ''}`}
      style={{ gridTemplateColumns: gridTemplate }}
    >
      <span role="cell" className="measure px-2 py-1.5 text-right text-soft">
        {index + 1}
      </span>
      {withdrawn ? (
        <span role="cell" className="px-2 py-1.5 line-through">
          {text}
        </span>
      ) : (
        <span role="cell" className="min-w-0">
          <EditCell
            label={`Text of entry ${index + 1}`}
            value={text}
            row={index}
            column="text"
            className="font-semibold"
            onChange={(value) => deeds.onField(id, 'text', value)}
          />
          {cameAs !== '' && (
            <span className="block px-1.5 pb-1 text-[0.85rem] break-words text-soft">came as {cameAs}</span>
          )}
        </span>
      )}
      <span role="cell">
        <EditCell
          label={`Quantity of entry ${index + 1}`}
          value={String(quantity)}
          row={index}
          column="quantity"
          className="measure text-right"
          problemOf={(typed) => (readQuantity(typed.trim()) === null ? 'a whole number, 0 to 10,000' : null)}
          onChange={(value) => deeds.onQuantity(id, readQuantity(value.trim())!)}
        />
      </span>
      {columns.map((name) => (
        <span role="cell" key={name} className="min-w-0">
          <EditCell
            label={`${name} of entry ${index + 1}`}
            value={fields[name] ?? ''}
            row={index}
            column={name}
            onChange={(value) => deeds.onField(id, name, value)}
          />
        </span>
      ))}
      <span role="cell" className="min-w-0 px-2 py-1.5">
        {withdrawn && 'withdrawn: work on it is recorded'}
        {asksOf({ findings }).map((finding, i) => (
          <span key={`${findingKey(finding)} ${i}`} className="flex items-start gap-1.5">
            <SeverityTag severity={finding.severity} />
            <span title={findingSentence(finding)}>{findingWords(finding)}</span>
          </span>
        ))}
      </span>
      <span role="cell" className="px-2 py-1.5">
        {facet && <Facet {...facet} />}
      </span>
      <span role="cell">
        <button
          type="button"
          className="min-h-8 px-2 text-verdigris underline underline-offset-4"
          aria-label={`${withdrawn ? 'Put back' : 'Take out'} ${text || `entry ${index + 1}`}`}
          onClick={() => (withdrawn ? deeds.onPutBack : deeds.onTakeOut)(id)}
        >
          {withdrawn ? 'Put back' : 'Take out'}
        </button>
      </span>
    </div>
  );
});
