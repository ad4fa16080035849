import { useId } from 'react';
import { type Material, type MaterialKind, finishOf } from '@/core/shop';
import { FinishMarks, MARKS_SIDE } from './finish-marks';
import { lookOfMaterial } from './material-look';

interface SwatchProps {
  readonly kind: MaterialKind;
  readonly hex: string;
  /** Which way its pattern runs on the roll. */
  readonly pattern?: Material['pattern'] | undefined;
  readonly sizePx?: number;
}

/** A chip of a material: its colour, and how its finish looks from a step away. */
export function Swatch({ kind, hex, pattern, sizePx = 24 }: SwatchProps) {
  const id = useId();
  const { finish, runs } = lookOfMaterial({ colour: { hex }, pattern }, finishOf(kind));
  return (
    <svg
      viewBox={`0 0 ${MARKS_SIDE} ${MARKS_SIDE}`}
      width={sizePx}
      height={sizePx}
      className="shrink-0 rounded-sm border border-rule-strong"
      aria-hidden
    >
      <rect width={MARKS_SIDE} height={MARKS_SIDE} fill={hex} />
      <FinishMarks finish={finish} runs={runs} id={id} />
    </svg>
  );
}
