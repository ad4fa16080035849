'use client';

import { useState } from 'react';
import { useLengths } from '@/client';
import { slantMm } from '@/core/place';
import type { Wrap } from '@/core/shop';
import { Choice, LengthField, NumberField } from '@/ui';

type Round = Extract<Wrap, { kind: 'round' }>;

/** Round goods, tapered or not: across with calipers or round with a tape, whichever is at hand. */
export function RoundFields({ wrap, onChange }: { readonly wrap: Round; readonly onChange: (wrap: Round) => void }) {
  const { unit, exact } = useLengths();
  const [isRound, setRound] = useState(false);
  const by = isRound ? Math.PI : 1;
  const words = isRound ? 'Circumference' : 'Diameter';
  return (
    <div>
      <Choice
        label="Measured"
        options={[
          { id: 'across', label: 'across' },
          { id: 'round', label: 'round it with a tape' },
        ]}
        value={isRound ? 'round' : 'across'}
        onChange={(id) => setRound(id === 'round')}
      />
      <LengthField
        label={`${words} at the rim`}
        unit={unit}
        value={wrap.topMm * by}
        min={5}
        max={2000 * by}
        onChange={(mm) => onChange({ ...wrap, topMm: mm / by })}
      />
      <LengthField
        label={`${words} at the base`}
        unit={unit}
        value={wrap.bottomMm * by}
        min={5}
        max={2000 * by}
        onChange={(mm) => onChange({ ...wrap, bottomMm: mm / by })}
      />
      <LengthField
        label="Upright height"
        unit={unit}
        value={wrap.heightMm}
        min={5}
        max={5000}
        onChange={(heightMm) => onChange({ ...wrap, heightMm })}
      />
      <NumberField
        label="Seen from the front, of the way round"
        unit="%"
        value={wrap.seenShare * 100}
        min={5}
        max={100}
        onChange={(percent) => onChange({ ...wrap, seenShare: percent / 100 })}
      />
      <p className="text-soft">
        Its side is <span className="measure">{exact(slantMm(wrap))}</span> long; drop and height of the place are
        measured along it.
      </p>
    </div>
  );
}
