'use client';

import { useShopFaces } from '@/client';
import { type PartAt, facePart } from '@/core/edit';
import { type Lettering, styleOf } from '@/core/shop';
import type { Wording } from '@/core/spec';
import { Select } from '@/ui';

interface PartFaceProps {
  readonly lettering: Lettering;
  readonly label: string;
  readonly here: PartAt;
  readonly wording: Wording;
  readonly onChange: (wording: Wording) => void;
}

const OF_LINE = '';

/** Which face a part of a line has: its line's, or one of its own. */
export function PartFace({ lettering, label, here, wording, onChange }: PartFaceProps) {
  const faces = useShopFaces();
  const run = wording.lines[here.line]?.runs[here.part];
  if (!run) return null;
  const { face, faceName } = run;
  const used = face === null ? styleOf(lettering, here.line) : { face, faceName };
  return (
    <Select
      aria-label={`Face of ${label}`}
      className="min-w-28 flex-1"
      options={[[OF_LINE, 'in its line’s face'], ...faces.optionsWith(used)]}
      value={face ?? OF_LINE}
      onChange={(key) => onChange(facePart(wording, here, key === OF_LINE ? null : faces.choiceOf(key)))}
    />
  );
}
