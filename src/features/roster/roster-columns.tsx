import { fieldOf } from '@/core/spec';
import { useFindingWords } from '@/client';
import { asksOf } from '@/core/figures';
import { type Finding, findingKey } from '@/core/finding';
import { readQuantity } from '@/core/intake';
import type { Entry } from '@/core/spec';
import { Facet, type FacetProps, SeverityTag, type TableColumn, TextButton } from '@/ui';
import { EditCell } from './edit-cell';
import type { RosterGrid } from './grid-for';

/** What a row can be asked to do; the functions stay the same, so that only changed rows are drawn again. */
export interface RowDeeds {
  readonly onCurrent: (entryId: string) => void;
  readonly onField: (entryId: string, name: string, value: string) => void;
  readonly onQuantity: (entryId: string, quantity: number) => void;
  readonly onTakeOut: (entryId: string) => void;
  readonly onPutBack: (entryId: string) => void;
}

export interface RosterRow {
  /** Place in the list from 0. */
  readonly index: number;
  readonly entry: Entry;
  readonly findings: readonly Finding[];
  /** Null for an entry that gives no item. */
  readonly facet: FacetProps | null;
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

/** The columns of the roster: as it came, as it will be cut, and what needs a look. */
export function rosterColumns(
  names: readonly string[],
  { textPx, ownPx, px }: RosterGrid,
  deeds: RowDeeds,
): readonly TableColumn<RosterRow>[] {
  const fixed = (widthPx: number) => ({ width: `${widthPx}px`, leastPx: widthPx });
  const growing = (leastPx: number, share: number) => ({ width: `minmax(${leastPx}px,${share}fr)`, leastPx });
  return [
    {
      id: 'no',
      head: 'No',
      ...fixed(px.number),
      className: 'measure px-2 py-1.5 text-right text-soft',
      cell: ({ index }) => index + 1,
    },
    { id: 'text', head: 'In the list', ...growing(textPx, 1.2), cell: (row) => <TextCell row={row} deeds={deeds} /> },
    {
      id: 'quantity',
      head: 'Pieces',
      ...fixed(px.pieces),
      cell: ({ index, entry }) => (
        <EditCell
          label={`Quantity of entry ${index + 1}`}
          value={String(entry.quantity)}
          row={index}
          column="quantity"
          className="measure text-right"
          problemOf={(typed) => (readQuantity(typed.trim()) === null ? 'a whole number, 0 to 10,000' : null)}
          onChange={(value) => deeds.onQuantity(entry.id, readQuantity(value.trim())!)}
        />
      ),
    },
    ...names.map((name, i): TableColumn<RosterRow> => ({
      id: `field ${name}`,
      head: name,
      ...growing(ownPx[i]!, 0.4),
      cell: ({ index, entry }) => (
        <EditCell
          label={`${name} of entry ${index + 1}`}
          value={fieldOf(entry.fields, name)}
          row={index}
          column={name}
          onChange={(value) => deeds.onField(entry.id, name, value)}
        />
      ),
    })),
    {
      id: 'look',
      head: 'What needs a look',
      ...growing(px.look, 1),
      className: 'min-w-0 px-2 py-1.5',
      cell: (row) => <LookCell row={row} />,
    },
    {
      id: 'done',
      head: 'Done',
      ...fixed(px.done),
      className: 'px-2 py-1.5',
      cell: ({ facet }) => facet && <Facet {...facet} />,
    },
    {
      id: 'deed',
      head: <span className="sr-only">Take out or put back</span>,
      ...fixed(px.deed),
      cell: (row) => <DeedCell row={row} deeds={deeds} />,
    },
  ];
}

interface CellProps {
  readonly row: RosterRow;
  readonly deeds: RowDeeds;
}

function TextCell({ row: { index, entry }, deeds }: CellProps) {
  const text = entry.fields.text ?? '';
  const cameAs = cameOtherwise(entry);
  if (entry.withdrawn) return <span className="block px-2 py-1.5 line-through">{text}</span>;
  return (
    <>
      <EditCell
        label={`Text of entry ${index + 1}`}
        value={text}
        row={index}
        column="text"
        className="font-semibold"
        onChange={(value) => deeds.onField(entry.id, 'text', value)}
      />
      {cameAs !== '' && <span className="block px-1.5 pb-1 text-fine break-words text-soft">came as {cameAs}</span>}
    </>
  );
}

function LookCell({ row: { entry, findings } }: Pick<CellProps, 'row'>) {
  const say = useFindingWords();
  return (
    <>
      {entry.withdrawn && 'withdrawn: work on it is recorded'}
      {asksOf({ findings }).map((finding, i) => (
        <span key={`${findingKey(finding)} ${i}`} className="flex items-start gap-1.5">
          <SeverityTag severity={finding.severity} />
          <span title={say.sentence(finding)}>{say.words(finding)}</span>
        </span>
      ))}
    </>
  );
}

function DeedCell({ row: { index, entry }, deeds }: CellProps) {
  const { id, withdrawn, fields } = entry;
  const words = withdrawn ? 'Put back' : 'Take out';
  return (
    <TextButton
      className="min-h-8 px-2"
      aria-label={`${words} ${fields.text || `entry ${index + 1}`}`}
      onClick={() => (withdrawn ? deeds.onPutBack : deeds.onTakeOut)(id)}
    >
      {words}
    </TextButton>
  );
}
