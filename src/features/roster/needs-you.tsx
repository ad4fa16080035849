import { useFindingWords } from '@/client';
import { type Finding, findingKey, hasStop } from '@/core/finding';
import { asksOf } from '@/core/figures';
import type { Entry } from '@/core/spec';
import { SeverityTag } from '@/ui';

interface NeedsYouProps {
  readonly entries: readonly Entry[];
  readonly findingsOf: ReadonlyMap<string, readonly Finding[]>;
}

/** More than this many are told by their number alone; each still stands in its row. */
const MOST_SHOWN = 3;

/** What wants a decision, before the long list in which it would be looked for. */
export function NeedsYou({ entries, findingsOf }: NeedsYouProps) {
  const say = useFindingWords();
  if (entries.length === 0) return null;
  const isStopped = ({ id }: Entry) => hasStop(findingsOf.get(id) ?? []);
  const hasStops = entries.some(isStopped);
  // What stays out of a pass comes first.
  const sorted = hasStops ? [...entries.filter(isStopped), ...entries.filter((entry) => !isStopped(entry))] : entries;
  return (
    <ul className={`mb-4 border-l-4 bg-paper ${hasStops ? 'border-madder' : 'border-brass'}`}>
      {sorted.slice(0, MOST_SHOWN).map(({ id, fields }) => (
        <li key={id} className="flex flex-wrap items-baseline gap-x-3 border-b border-rule px-3 py-1.5 last:border-b-0">
          <b>{fields.text}</b>
          {asksOf({ findings: findingsOf.get(id) ?? [] }).map((finding, i) => (
            <span key={`${findingKey(finding)} ${i}`} className="flex items-baseline gap-1.5">
              <SeverityTag severity={finding.severity} />
              {say.sentence(finding)}
            </span>
          ))}
        </li>
      ))}
      {entries.length > MOST_SHOWN && (
        <li className="px-3 py-1.5">and {entries.length - MOST_SHOWN} more, in their rows</li>
      )}
    </ul>
  );
}
