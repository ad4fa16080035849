'use client';

import { useRun } from '@/client';
import { firstClassRule } from '@/core/edit';
import { columnsBesideText } from '@/core/roster';
import type { SetSize } from '@/core/fit';
import { DEFAULT_BAND, type SizeGroup, type SizeRule } from '@/core/spec';
import { Fold, Choice, FieldRow, optionsOf, Select } from '@/ui';
import { ClassFields } from './class-fields';
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

const RULES = { fill: 'fill', banded: 'banded', level: 'level', own: 'own', classes: 'by class' } as const;

/** How the letters of the set are sized, what they are compared by, and how they lie where there is room to spare. */
export function SizeRulePanel({ group, setSize, others, isShared, onSizeWith, onChange }: SizeRulePanelProps) {
  const { spec } = useRun();
  const { rule, letter, lie } = group;
  // A list without a column beside its names has no classes.
  const byClass = rule.kind === 'classes' ? rule : firstClassRule(spec, columnsBesideText(spec.entries));
  const setRule = (next: SizeRule) => onChange({ rule: next });
  return (
    <div className="grid gap-2">
      <Choice
        label="Letter height for the set"
        options={Object.entries(RULES).flatMap(([id, label]) => (id === 'classes' && !byClass ? [] : { id, label }))}
        value={rule.kind}
        onChange={(kind) => setRule(kind === 'classes' && byClass ? byClass : freshRule(kind, setSize))}
      />
      {rule.kind === 'classes' ? (
        <ClassFields groupId={group.id} rule={rule} onChange={setRule} />
      ) : (
        <RuleDetails rule={rule} setSize={setSize} onChange={setRule} />
      )}
      <Fold summary={`Compared by ${LETTER_WORDS[letter]}, lies by ${LIE_WORDS[lie]}`} summaryClassName="text-soft">
        {(others.length > 0 || isShared) && (
          <FieldRow label="Sized">
            <Select
              options={[
                ['', isShared ? 'as it is, together' : 'by itself'],
                ...(isShared ? [['alone', 'by itself'] as const] : []),
                ...others.map(({ groupId, words }) => [groupId, `with ${words}`] as const),
              ]}
              value=""
              onChange={(id) => id !== '' && onSizeWith(id === 'alone' ? null : id)}
            />
          </FieldRow>
        )}
        <FieldRow label="Compared by">
          <Select options={optionsOf(LETTER_WORDS)} value={letter} onChange={(id) => onChange({ letter: id })} />
        </FieldRow>
        <FieldRow label="Lies by">
          <Select options={optionsOf(LIE_WORDS)} value={lie} onChange={(id) => onChange({ lie: id })} />
        </FieldRow>
      </Fold>
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
