'use client';

import { Field, Input, Label } from '@headlessui/react';
import {
  type HeatUnit,
  type LengthUnit,
  formatHeat,
  heatWord,
  readHeat,
  readInches,
  readMm,
  unitWord,
  writeInches,
} from '@/core/units';
import { useHeldText } from './use-held-text';

interface TypedNumberProps {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** Null: the text is none. */
  readonly read: (text: string) => number | null;
  readonly write: (value: number) => string;
  readonly onChange: (value: number) => void;
}

/**
 * A number that is typed. What cannot be used stays in the field, says why, and changes nothing. Only typing writes: a
 * value that is shown rounded stays what it is.
 */
function TypedNumber({ label, unit, value, min, max, read, write, onChange }: TypedNumberProps) {
  const held = useHeldText(write(value));
  const number = held.isTyped ? read(held.text) : value;
  const problem =
    number === null
      ? 'not a number'
      : number < min
        ? `at least ${write(min)} ${unit}`
        : number > max
          ? `at most ${write(max)} ${unit}`
          : null;
  const change = (text: string) => {
    held.type(text);
    const next = read(text);
    if (next !== null && next >= min && next <= max && next !== value) onChange(next);
  };
  return (
    <Field className="flex items-center justify-between gap-3 py-1">
      <Label className="min-w-0">{label}</Label>
      <span className="flex items-center gap-1.5">
        {problem && <span className="text-sm text-madder">{problem}</span>}
        <Input
          className="measure w-24 text-right"
          inputMode={unit === 'in' ? 'text' : 'decimal'}
          value={held.text}
          aria-invalid={problem !== null}
          onFocus={held.enter}
          onChange={(event) => change(event.target.value)}
          onBlur={() => problem === null && held.leave()}
        />
        <span className="measure w-7 text-sm text-soft">{unit}</span>
      </span>
    </Field>
  );
}

interface NumberFieldProps extends Omit<TypedNumberProps, 'read' | 'write'> {
  readonly decimals?: number;
}

/** A plain number with a unit of its own. */
export function NumberField({ decimals = 1, ...rest }: NumberFieldProps) {
  return <TypedNumber {...rest} read={readMm} write={(value) => String(Number(value.toFixed(decimals)))} />;
}

interface LengthFieldProps extends Omit<TypedNumberProps, 'read' | 'write' | 'unit'> {
  /** What the person measures in; value, bounds and changes are millimetres all the same. */
  readonly unit: LengthUnit;
  readonly decimals?: number;
}

/** A length in millimetres, typed and shown in millimetres or in inches with fractions. */
export function LengthField({ unit, decimals = 2, ...rest }: LengthFieldProps) {
  const isInch = unit === 'inch';
  return (
    <TypedNumber
      {...rest}
      unit={unitWord(unit)}
      read={isInch ? readInches : readMm}
      write={isInch ? writeInches : (mm) => String(Number(mm.toFixed(decimals)))}
    />
  );
}

interface HeatFieldProps extends Omit<TypedNumberProps, 'read' | 'write' | 'unit'> {
  readonly unit: HeatUnit;
}

/** Whole degrees Celsius, typed and shown in the unit of the station; neither is ever rounded up. */
export function HeatField({ unit, ...rest }: HeatFieldProps) {
  return (
    <TypedNumber
      {...rest}
      unit={heatWord(unit)}
      read={(text) => readHeat(text, unit)}
      write={(celsius) => formatHeat(celsius, unit)}
    />
  );
}
