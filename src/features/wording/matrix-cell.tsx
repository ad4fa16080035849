'use client';

import { randomBytes, useFindingWords, useRun } from '@/client';
import { setOverride } from '@/core/edit';
import type { Oddity, ProofRow } from '@/core/wording';
import { SeverityTag, useHeldText, TextButton } from '@/ui';
import { ODDITY_WORDS } from './sentences';

interface MatrixCellProps {
  readonly row: ProofRow;
  /** As it is cut; null while it is not drawn yet. */
  readonly words: string | null;
  readonly odd: readonly Oddity[];
}

/** Parts of one text that stand on lines of their own. */
const LINE_MARK = ' / ';

/** One text: typed over for this entry alone, left empty for now, or as the place says it. */
export function MatrixCell({ row, words, odd }: MatrixCellProps) {
  const { change } = useRun();
  const say = useFindingWords();
  const { worded, at, isOwn, no } = row;
  const said = worded?.lines.map(({ text }) => text).join(LINE_MARK) ?? '';
  const held = useHeldText(said);
  const set = (lines: readonly string[] | null | undefined) =>
    change((spec) => setOverride(spec, at, lines, randomBytes));
  const take = () => {
    if (held.isTyped) set(held.text.trim() === '' ? undefined : held.text.split(LINE_MARK).map((line) => line.trim()));
    held.leave();
  };
  const isOtherwise = words !== null && words !== said && !held.isTyped;
  return (
    <span className="group relative block px-1">
      <span className="min-w-0">
        {worded ? (
          <textarea
            rows={1}
            aria-label={`Words of entry ${no} on ${row.placeName}`}
            className="block field-sizing-content w-full resize-none border-transparent bg-transparent px-1.5 py-1 font-semibold hover:border-rule-strong focus:border-rule-strong focus:bg-white"
            value={held.text}
            spellCheck={false}
            onFocus={held.enter}
            onChange={(event) => held.type(event.target.value.replaceAll('\n', ' '))}
            onBlur={take}
            onKeyDown={(event) => {
              if (event.key === 'Enter') {
                event.preventDefault();
                event.currentTarget.blur();
              }
              if (event.key === 'Escape') held.leave();
            }}
          />
        ) : (
          <span className="block px-1.5 py-1.5 text-soft">empty for now</span>
        )}
        {isOtherwise && <span className="block px-1.5 pb-1 text-sm text-soft">cut as {words}</span>}
        {worded?.findings.map((finding) => (
          <span key={finding.kind} className="flex items-start gap-1.5 px-1.5 pb-1" title={say.sentence(finding)}>
            <SeverityTag severity={finding.severity} /> {say.words(finding)}
          </span>
        ))}
      </span>
      {odd.length > 0 && (
        <span className="flex flex-wrap gap-1.5 px-1.5 pb-1">
          {odd.map((one) => (
            <span key={one} className="rounded-sm bg-brass-tint px-1.5 text-sm text-brass">
              {ODDITY_WORDS[one]}
            </span>
          ))}
        </span>
      )}
      {isOwn ? (
        <span className="block px-1.5 pb-1">
          <CellButton words="as the rest" label={`Words of entry ${no} as the rest`} onPress={() => set(undefined)} />
        </span>
      ) : (
        worded && (
          // Where a hand is: it stands in nobody's way otherwise.
          <span className="absolute top-0.5 right-1 rounded-sm bg-paper opacity-0 group-focus-within:opacity-100 group-hover:opacity-100">
            <CellButton words="empty" label={`Leave entry ${no} empty for now`} onPress={() => set(null)} />
          </span>
        )
      )}
    </span>
  );
}

function CellButton({
  words,
  label,
  onPress,
}: {
  readonly words: string;
  readonly label: string;
  readonly onPress: () => void;
}) {
  return (
    <TextButton aria-label={label} className="min-h-6 px-1" onClick={onPress}>
      {words}
    </TextButton>
  );
}
