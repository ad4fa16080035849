'use client';

import type { SetSize } from '@/core/fit';
import { DEFAULT_BAND, type SizeGroup, type SizeRule } from '@/core/spec';
import { Choice, FieldRow } from '@/ui';
import { RuleDetails } from './rule-details';
import { LETTER_WORDS, LIE_WORDS } from './sentences';

interface SizeRulePanelProps {
  readonly group: SizeGroup;
  readonly setSize: SetSize | null;
  /** Groups of other places that this one could be sized with. */
  readonly others: readonly { readonly groupId: string; readonly words: string }[];
  readonly isShared: boolean;
  readonly onSizeWith: (groupId: string | null) => void;
  readonly onChange: (change: Partial<Omit<SizeGroup, 'id'>>) => void;
}

const RULES = ['fill', 'banded', 'level', 'own'] as const;

/** How the letters of the set are sized, what they are compared by, and how they lie where there is room to spare. */
export function SizeRulePanel({ group, setSize, others, isShared, onSizeWith, onChange }: SizeRulePanelProps) {
  const { rule, letter, lie } = group;
  const setRule = (next: SizeRule) => onChange({ rule: next });
  return (
    <div className="grid gap-2">
      <Choice
        label="Letter height for the set"
        options={RULES.map((id) => ({ id, label: id }))}
        value={rule.kind}
        onChange={(kind) => setRule(freshRule(kind, setSize))}
      />
      <RuleDetails rule={rule} setSize={setSize} onChange={setRule} />
      <details>
        <summary className="cursor-pointer text-soft">
          Compared by {LETTER_WORDS[letter]}, lies by {LIE_WORDS[lie]}
        </summary>
        {(others.length > 0 || isShared) && (
          <FieldRow label="Sized">
            <select
              value=""
              onChange={(event) => onSizeWith(event.target.value === 'alone' ? null : event.target.value)}
            >
              <option value="">{isShared ? 'as it is, together' : 'by itself'}</option>
              {isShared && <option value="alone">by itself</option>}
              {others.map(({ groupId, words }) => (
                <option key={groupId} value={groupId}>
                  with {words}
                </option>
              ))}
            </select>
          </FieldRow>
        )}
        <FieldRow label="Compared by">
          <select value={letter} onChange={(event) => onChange({ letter: event.target.value as SizeGroup['letter'] })}>
            {Object.entries(LETTER_WORDS).map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </FieldRow>
        <FieldRow label="Lies by">
          <select value={lie} onChange={(event) => onChange({ lie: event.target.value as SizeGroup['lie'] })}>
            {Object.entries(LIE_WORDS).map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </FieldRow>
      </details>
    </div>
  );
}

/** What a rule starts with; an own height starts near what the set has. */
function freshRule(kind: string, setSize: SetSize | null): SizeRule {
  switch (kind) {
    case 'banded':
      return { kind, ratio: DEFAULT_BAND };
    case 'level':
      return { kind, heightMm: null };
    case 'own':
      return { kind, size: { by: 'height', mm: Math.max(5, Math.floor(setSize?.letterMm ?? 20)) } };
    default:
      return { kind: 'fill' };
  }
}
