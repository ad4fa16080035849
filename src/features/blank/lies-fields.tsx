'use client';

import { useLengths } from '@/client';
import { BODY_MIDDLE, centredDown, placeGeometry } from '@/core/place';
import { DATUM_KINDS, type Datum } from '@/core/shop';
import { Button, Choice, FieldRow, LengthField, optionsOf, Select } from '@/ui';
import { AnchorSquare } from './anchor-square';
import type { PlaceEdit } from './edit';
import { DATUM_WORDS, READING_WORDS } from './sentences';
import { useChangePlace } from './use-change-place';

/** Where the place lies, from which line a ruler measures, and how lettering is held and turned in it. */
export function LiesFields({ edit }: { readonly edit: PlaceEdit }) {
  const { unit, exact } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const { measured, variant } = edit;
  const { datum, anchor, anchorGapMm, readingDeg, centring, wrap } = measured;
  const { leftMm } = placeGeometry(variant, measured);
  const move = (to: Partial<Datum>) => changePlace({ datum: { ...datum, ...to } });
  const line = DATUM_WORDS[datum.kind];
  const change = (kind: Datum['kind']) =>
    move({ kind, lineMm: kind === 'edge' ? 0 : kind === 'hem' ? variant.body.heightMm : datum.lineMm });
  return (
    <section className="grid gap-2">
      <div>
        <h2 className="heading-small mb-1">Where it lies</h2>
        {wrap?.kind !== 'round' && (
          <FieldRow label="Measured from">
            <Select options={optionsOf(DATUM_WORDS, DATUM_KINDS)} value={datum.kind} onChange={change} />
          </FieldRow>
        )}
        {datum.kind !== 'edge' && wrap?.kind !== 'round' && (
          <LengthField
            label={`The ${line} lies below the top edge`}
            unit={unit}
            value={datum.lineMm}
            min={0}
            max={5000}
            onChange={(lineMm) => move({ lineMm })}
          />
        )}
        <LengthField
          label={datum.kind === 'hem' ? 'Up from the hem' : `Drop from the ${line}`}
          unit={unit}
          value={datum.dropMm}
          min={0}
          max={5000}
          onChange={(dropMm) => move({ dropMm })}
        />
        {centring || wrap?.kind === 'round' ? (
          <p className="flex justify-between gap-3 py-1 text-soft">
            <span>From the left edge</span>
            {wrap?.kind === 'round' ? (
              <span>middle of what is seen</span>
            ) : (
              <span className="measure">{exact(leftMm)}</span>
            )}
          </p>
        ) : (
          <LengthField
            label="From the left edge"
            unit={unit}
            value={datum.leftMm}
            min={0}
            max={5000}
            onChange={(next) => move({ leftMm: next })}
          />
        )}
        {wrap?.kind !== 'round' && (
          <p className="mt-1 flex flex-wrap items-center gap-1.5">
            <span className="mr-auto">Centre it</span>
            <Button disabled={centring !== null} onClick={() => changePlace({ centring: BODY_MIDDLE })}>
              across
            </Button>
            <Button onClick={() => changePlace({ datum: centredDown(variant, measured) })}>down</Button>
          </p>
        )}
      </div>
      <AnchorSquare value={anchor} onChange={(next) => changePlace({ anchor: next })} />
      {anchor !== 'centre' && (
        <LengthField
          label="Off the sides it is held at"
          unit={unit}
          value={anchorGapMm}
          min={0}
          max={2000}
          onChange={(next) => changePlace({ anchorGapMm: next })}
        />
      )}
      <Choice
        label="It reads"
        options={[0, 90, 180, 270].map((deg) => ({ id: String(deg), label: READING_WORDS[deg as 0] }))}
        value={String(readingDeg)}
        onChange={(deg) => changePlace({ readingDeg: Number(deg) as typeof readingDeg })}
      />
    </section>
  );
}
