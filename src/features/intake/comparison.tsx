'use client';

import type { ListComparison, LineFate } from '@/core/roster';
import type { RewordedItem } from '@/core/resolve';
import { Notice } from '@/ui';

interface ComparisonProps {
  readonly comparison: ListComparison;
  /** Items of made passes that would be cut otherwise. */
  readonly reworded: readonly RewordedItem[];
  readonly hasWork: (entryId: string) => boolean;
}

type Changed = Extract<LineFate, { kind: 'changed' }>;

const MOST_SHOWN = 40;

/** New, changed and gone, the dear ones first: items that are made already and would be cut otherwise now. */
export function Comparison({ comparison: { fates, gone }, reworded, hasWork }: ComparisonProps) {
  const changed = fates.filter((fate): fate is Changed => fate.kind === 'changed');
  const added = fates.filter(({ kind }) => kind === 'new');
  const numSame = fates.length - changed.length - added.length;
  return (
    <section aria-label="What the newer list changes" className="grid gap-3">
      <p className="text-lg" aria-live="polite">
        <b>{added.length}</b> new, <b>{changed.length}</b> changed, <b>{gone.length}</b> gone, {numSame} stay as they
        are.
      </p>
      {reworded.length > 0 && (
        <Notice severity="check">
          <b>In a made pass, and otherwise by the newer list:</b> {rewordedWords(reworded)}. What was made stays as it
          is; mark it spoiled at the bench to have it cut again.
        </Notice>
      )}
      <div className="grid items-start gap-4 md:grid-cols-3">
        <Group
          title="New"
          lines={added.map(({ line }) => ({ key: line.raw, text: line.text, small: fieldWords(line.fields) }))}
        />
        <Group
          title="Changed"
          lines={changed.map(({ entry, line, changes }) => ({
            key: entry.id,
            text: line.text,
            small: changes.map(({ name, was, is }) => `${name}: ${was || '(empty)'} → ${is || '(empty)'}`).join(', '),
          }))}
        />
        <Group
          title="Gone"
          lines={gone.map(({ id, fields }) => ({
            key: id,
            text: fields.text ?? '',
            small: hasWork(id) ? 'withdrawn, since work on it is recorded' : 'taken out',
          }))}
        />
      </div>
    </section>
  );
}

/** Item by item, those that say the same told once. */
function rewordedWords(reworded: readonly RewordedItem[]): string {
  return [
    ...new Set(
      reworded.map(({ whose, was, is }) => {
        const news = is === null ? `${was} is asked for no more` : `${was} → ${is}`;
        return whose === was ? news : `${whose}: ${news}`;
      }),
    ),
  ].join('; ');
}

interface GroupProps {
  readonly title: string;
  readonly lines: readonly { readonly key: string; readonly text: string; readonly small: string }[];
}

function Group({ title, lines }: GroupProps) {
  if (lines.length === 0) return null;
  return (
    <div className="border border-rule bg-paper">
      <h2 className="heading-small border-b border-rule px-3 py-1.5">
        {title} ({lines.length})
      </h2>
      <ul>
        {lines.slice(0, MOST_SHOWN).map(({ key, text, small }, i) => (
          <li key={`${i}-${key}`} className="border-b border-rule px-3 py-1 last:border-b-0">
            <b>{text || '(empty)'}</b> <span className="block text-sm text-soft">{small}</span>
          </li>
        ))}
        {lines.length > MOST_SHOWN && <li className="px-3 py-1">and {lines.length - MOST_SHOWN} more</li>}
      </ul>
    </div>
  );
}

function fieldWords(fields: Readonly<Record<string, string>>): string {
  return Object.entries(fields)
    .map(([name, value]) => `${name} ${value}`)
    .join(', ');
}
