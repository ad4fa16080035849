'use client';

import { entriesWords, useFits, useLengths, useRun } from '@/client';
import {
  type ClassRule,
  type SizeClass,
  heightToChoose,
  mayChooseHeight,
  sizeClasses,
  withClassHeight,
} from '@/core/edit';
import { classGroupId } from '@/core/resolve';
import { columnsBesideText } from '@/core/roster';
import { MOST_CLASSES } from '@/core/spec';
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
  const classes = sizeClasses(spec, rule);
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
        {classes.slice(0, MOST_CLASSES).map((one) => (
          <ClassRow
            key={one.value}
            of={one}
            groupId={groupId}
            mayChoose={mayChooseHeight(rule, one.value)}
            onHeight={(heightMm) => onChange(withClassHeight(rule, one.value, heightMm))}
          />
        ))}
      </ul>
      {classes.length > MOST_CLASSES && (
        <p className="text-soft">
          “{rule.field}” says {classes.length} different things. The {MOST_CLASSES} most frequent are shown; each of the
          others is as tall as its longest text allows.
        </p>
      )}
    </>
  );
}

interface ClassRowProps {
  readonly of: SizeClass;
  readonly groupId: string;
  readonly mayChoose: boolean;
  readonly onHeight: (heightMm: number | null) => void;
}

function ClassRow({ of: { value, numEntries, heightMm }, groupId, mayChoose, onHeight }: ClassRowProps) {
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
          set &&
          mayChoose && (
            <TextButton
              aria-label={`Choose the height of ${name}`}
              onClick={() => onHeight(heightToChoose(set.letterMm))}
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
