import { findingSentence } from '@/client';
import type { Finding } from '@/core/finding';
import type { Entry } from '@/core/run';
import { Facet, type FacetProps, SeverityTag } from '@/ui';

interface RosterRowProps {
  readonly no: number;
  readonly entry: Entry;
  readonly columns: readonly string[];
  readonly findings: readonly Finding[];
  /** Null for an entry that gives no item. */
  readonly facet: FacetProps | null;
}

export function RosterRow({ no, entry, columns, findings, facet }: RosterRowProps) {
  const isGone = entry.withdrawn;
  return (
    <tr
      className={`h-8 border-b border-rule align-top [content-visibility:auto] ${isGone ? 'text-soft line-through' : ''}`}
    >
      <td className="measure px-2.5 py-1.5 text-right text-soft">{no}</td>
      <td className="px-2.5 py-1.5 whitespace-pre-wrap">{entry.raw}</td>
      <td className="px-2.5 py-1.5 font-semibold">{entry.fields.text}</td>
      {columns.map((name) => (
        <td key={name} className="px-2.5 py-1.5">
          {entry.fields[name]}
        </td>
      ))}
      <td className="px-2.5 py-1.5">
        {isGone && <span className="inline-block no-underline">withdrawn: work on it is recorded</span>}
        {findings
          .filter(({ severity }) => severity !== 'note')
          .map((finding) => (
            <p key={finding.kind} className="flex items-start gap-1.5">
              <SeverityTag severity={finding.severity} />
              {findingSentence(finding)}
            </p>
          ))}
      </td>
      <td className="px-2.5 py-1.5">{facet && <Facet {...facet} />}</td>
    </tr>
  );
}
