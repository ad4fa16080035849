'use client';

import { optionsOf, Select, Tick } from '@/ui';
import { COLUMN_ROLES, type ColumnRole } from '@/core/intake';
import type { FileNote } from '@/services';
import type { FileSource, Intake, MappedSource } from './use-intake';
import { ENCODING_WORDS, ROLE_WORDS, noteSentence } from './sentences';

const SHOWN_ROWS = 5;

/** What every column is taken for, above its first cells, and beside them the text that will be cut. */
export function MappingTable({ intake, mapped }: { readonly intake: Intake; readonly mapped: MappedSource }) {
  const { mapping, table, notes, isRemembered } = mapped;
  const from = mapping.hasHeader ? 1 : 0;
  const rows = table.rows.slice(from, from + SHOWN_ROWS);
  const { source, numTidied } = intake;
  return (
    <section aria-label="What the columns are" className="min-w-0">
      {source.kind === 'file' && source.sheets.length > 1 && <SheetChoice intake={intake} source={source} />}
      <EncodingChoice intake={intake} notes={notes} />
      <div className="mb-2 flex flex-wrap items-center gap-x-4">
        {isRemembered
          ? 'Taken as the last time under these headers.'
          : 'Guessed from headers and contents: look it over.'}
        <Tick checked={mapping.hasHeader} onChange={intake.setHeader}>
          the first row is a header
        </Tick>
      </div>
      <div
        className="overflow-x-auto border border-rule-strong bg-paper"
        tabIndex={0}
        role="group"
        aria-label="Columns and first rows"
      >
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="border-b border-ink align-bottom">
              <th className="heading-small bg-shade px-1.5 py-2">Row</th>
              <th className="heading-small bg-shade px-2 py-2">Comes out as</th>
              {mapping.columns.map((column, i) => (
                <th key={i} className="px-2 py-2 font-normal">
                  <RoleSelect name={column.name} role={column.role} onRole={(role) => intake.setRole(i, role)} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, r) => (
              <tr key={r} className="border-b border-rule">
                <td className="measure bg-shade px-2 py-1.5 text-soft">{table.rowNos[from + r]}</td>
                <td className="bg-shade px-2 py-1.5 font-semibold whitespace-pre">
                  {intake.lines[r]?.text || '(empty)'}
                </td>
                {mapping.columns.map(({ role }, i) => (
                  <td
                    key={i}
                    className={`max-w-64 px-2 py-1.5 break-words ${role === 'out' ? 'text-soft line-through' : ''}`}
                  >
                    {row[i]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <ul className="mt-2 list-disc pl-5">
        {notes.filter(isToldHere).map((note, i) => (
          <li key={i}>{noteSentence(note)}</li>
        ))}
        {numTidied > 0 && (
          <li>Spaces at the ends or doubled were taken away in {numTidied === 1 ? '1 row' : `${numTidied} rows`}.</li>
        )}
      </ul>
      <KeyChoice intake={intake} mapped={mapped} />
    </section>
  );
}

interface RoleSelectProps {
  readonly name: string;
  readonly role: ColumnRole;
  readonly onRole: (role: ColumnRole) => void;
}

function RoleSelect({ name, role, onRole }: RoleSelectProps) {
  return (
    <label className="block min-w-28">
      <span className="mb-1 block font-semibold">{name}</span>
      <Select
        aria-label={`What “${name}” is`}
        className="w-full px-1"
        options={optionsOf(ROLE_WORDS, COLUMN_ROLES)}
        value={role}
        onChange={onRole}
      />
    </label>
  );
}

/** What was guessed of the letters is a choice of its own. */
function isToldHere(note: FileNote): boolean {
  return note.kind !== 'encoding' || note.readings.length === 0;
}

/** How the file's letters were written, each way with words of the list as they would come out. */
function EncodingChoice({ intake, notes }: { readonly intake: Intake; readonly notes: readonly FileNote[] }) {
  const note = notes.find(({ kind }) => kind === 'encoding');
  if (note?.kind !== 'encoding' || note.readings.length === 0) return null;
  return (
    <label className="mb-3 flex flex-wrap items-center gap-2">
      <span className="heading-small">Letters read as</span>
      <Select
        options={note.readings.map(({ encoding, sample }) => [encoding, `${ENCODING_WORDS[encoding]}: ${sample}`])}
        value={note.encoding}
        onChange={(encoding) => void intake.setEncoding(encoding)}
      />
      <span className="text-soft">guessed from the letters: choose the one in which the names are right</span>
    </label>
  );
}

function SheetChoice({ intake, source }: { readonly intake: Intake; readonly source: FileSource }) {
  return (
    <label className="mb-3 flex items-center gap-2">
      <span className="heading-small">Sheet</span>
      <Select
        options={source.sheets.map(({ name, table }, i) => [`${i}`, `${name} (${table.rows.length} rows)`])}
        value={`${source.sheetAt}`}
        onChange={(at) => intake.setSheet(Number(at))}
      />
    </label>
  );
}

function KeyChoice({ intake, mapped: { mapping } }: { readonly intake: Intake; readonly mapped: MappedSource }) {
  return (
    <label className="mt-2 flex flex-wrap items-center gap-2">
      When this list comes again, entries are found by
      <Select
        options={[['', 'their name'], ...mapping.columns.map(({ name }, i) => [`${i}`, name] as const)]}
        value={`${mapping.keyAt ?? ''}`}
        onChange={(at) => intake.setKey(at === '' ? null : Number(at))}
      />
    </label>
  );
}
