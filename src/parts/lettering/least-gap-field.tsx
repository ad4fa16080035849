import { type Lettering, commonStyle, withLeastGap } from '@/core/shop';
import { NumberField } from '@/ui';

interface LeastGapFieldProps {
  readonly lettering: Lettering;
  readonly onChange: (change: (lettering: Lettering) => Lettering) => void;
}

/** Letters that stand nearer are pushed apart, so that film is left between them; nought leaves them as their face has them. */
export function LeastGapField({ lettering, onChange }: LeastGapFieldProps) {
  return (
    <NumberField
      label="Least gap between letters, of the capitals"
      unit="%"
      value={(commonStyle(lettering).leastGapShare ?? 0) * 100}
      min={0}
      max={50}
      onChange={(percent) => onChange((now) => withLeastGap(now, percent / 100))}
    />
  );
}
