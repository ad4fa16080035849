'use client';

import { Label, Radio, RadioGroup } from '@headlessui/react';
import { ANCHORS, type Anchor9 } from '@/core/shop';
import { ANCHOR_WORDS } from './sentences';

interface AnchorSquareProps {
  readonly value: Anchor9;
  readonly onChange: (anchor: Anchor9) => void;
}

/** Where lettering is held in its place: a small square of nine spots, laid out as they lie, with the word of the one that is taken. */
export function AnchorSquare({ value, onChange }: AnchorSquareProps) {
  return (
    <RadioGroup value={value} onChange={onChange} className="flex items-center justify-between gap-3">
      <span>
        <Label className="heading-small block">Lettering held at</Label>
        <span aria-hidden>{ANCHOR_WORDS[value]}</span>
      </span>
      <span className="grid grid-cols-3 border border-rule-strong bg-white p-0.5">
        {ANCHORS.map((anchor) => (
          <Radio
            key={anchor}
            value={anchor}
            aria-label={ANCHOR_WORDS[anchor]}
            title={ANCHOR_WORDS[anchor]}
            className="group grid size-6 cursor-pointer place-items-center data-checked:bg-verdigris data-focus:outline-2 data-focus:outline-verdigris"
          >
            <span className="h-1 w-2.5 bg-rule-strong group-data-checked:bg-white" />
          </Radio>
        ))}
      </span>
    </RadioGroup>
  );
}
