'use client';

import { useLengths } from '@/client';
import type { EdgeTool } from '@/core/shop';
import { LengthField } from '@/ui';
import { PEN_WORDS } from './layer-words';

interface PenFieldProps {
  readonly tool: EdgeTool;
  readonly onChange: (lineMm: number) => void;
}

/** How wide a line is that is drawn or marked. */
export function PenField({ tool, onChange }: PenFieldProps) {
  const { unit } = useLengths();
  return (
    <LengthField
      label={PEN_WORDS[tool.by]}
      unit={unit}
      decimals={2}
      value={tool.lineMm}
      min={0.1}
      max={5}
      onChange={onChange}
    />
  );
}
