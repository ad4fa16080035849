'use client';

import { entriesWords, useFits, useLengths, useRun } from '@/client';
import { type ClassRule, type SizeClass, sizeClasses, withClassHeight } from '@/core/edit';
import { classGroupId } from '@/core/resolve';
import { columnsBesideText } from '@/core/roster';
import { FieldRow, LengthField, Select, TextButton, withOwn } from '@/ui';

interface ClassFieldsProps {
  readonly groupId: string;
  readonly rule: ClassRule;
  readonly onChange: (rule: ClassRule) => void;
}

/** Which column tells the classes, and how tall the letters of each are. */
export function ClassFields({ groupId, rule, onChange }: ClassFieldsProps) {
  const { spec } = useRun();
  const columns = columnsBesideText(spec.entries);
  return (
    <>
      <p>One letter height for each class of the list, and with one circle one bend.</p>
      <FieldRow label="Classes by">
        <Select
          options={withOwn(
            columns.map((field) => [field, `the column “${field}”`] as const),
            rule.field,
          )}
          value={rule.field}
          onChange={(field) => onChange({ kind: 'classes', field, heights: [] })}
        />
      </FieldRow>
      <ul aria-label={`Letter height by “${rule.field}”`} className="grid grid-cols-[minmax(0,1fr)]">
        {sizeClasses(spec, rule).map((one) => (
          <ClassRow
            key={one.value}
            of={one}
            groupId={groupId}
            onHeight={(heightMm) => onChange(withClassHeight(rule, one.value, heightMm))}
          />
        ))}
      </ul>
    </>
  );
}

interface ClassRowProps {
  readonly of: SizeClass;
  readonly groupId: string;
  readonly onHeight: (heightMm: number | null) => void;
}

function ClassRow({ of: { value, numEntries, heightMm }, groupId, onHeight }: ClassRowProps) {
  const lengths = useLengths();
  const set = useFits().last?.setSizes[classGroupId(groupId, value)] ?? null;
  const name = value === '' ? 'nothing said' : `“${value}”`;
  return (
    <li className="grid gap-0.5 border-t border-rule py-1">
      {heightMm === null ? (
        <p className="flex items-baseline justify-between gap-3">
          <span>{name}</span>
          {set && (
            <span className="measure">
              {lengths.figure(set.letterMm)} {lengths.word}
            </span>
          )}
        </p>
      ) : (
        <LengthField label={name} unit={lengths.unit} value={heightMm} min={1} max={1000} onChange={onHeight} />
      )}
      <p className="text-fine text-soft">
        {entriesWords(numEntries)}
        {set?.heldBackBy && `, held by ${set.heldBackBy}`}.{' '}
        {heightMm === null ? (
          set && (
            <TextButton
              aria-label={`Choose the height of ${name}`}
              onClick={() => onHeight(Math.floor(set.letterMm * 2) / 2)}
            >
              Choose the height
            </TextButton>
          )
        ) : (
          <TextButton aria-label={`${name} as tall as the longest allows`} onClick={() => onHeight(null)}>
            As tall as the longest allows
          </TextButton>
        )}
      </p>
    </li>
  );
}
