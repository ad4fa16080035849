'use client';

import { useLengths } from '@/client';
import { type Wrap, shapeBox } from '@/core/shop';
import { assertNever } from '@/core/outcome';
import { Choice, LengthField, NumberField } from '@/ui';
import type { PlaceEdit } from './edit';
import { RoundFields } from './round-fields';
import { WRAP_WORDS } from './sentences';
import { wrapOfKind } from './wrap-of-kind';
import { useChangePlace } from './use-change-place';

const KINDS = Object.keys(WRAP_WORDS) as (Wrap['kind'] | 'flat')[];

/** How the item is seen when it is in use: what rounds off or is folded away is no room for lettering. */
export function WrapFields({ edit }: { readonly edit: PlaceEdit }) {
  const { changePlace } = useChangePlace(edit);
  const { measured, variant } = edit;
  const { wrap } = measured;
  return (
    <section className="grid gap-2">
      <Choice
        label="As it will be seen"
        options={KINDS.map((id) => ({ id, label: WRAP_WORDS[id] }))}
        value={wrap?.kind ?? 'flat'}
        onChange={(kind) => {
          const next = wrapOfKind(kind as Wrap['kind'] | 'flat', variant);
          // Round goods are rolled out by width and height; what was a polygon before keeps its size.
          const outline = { kind: 'rect' as const, ...shapeBox(measured.outline) };
          // Its drop is read along the side, from the rim.
          const datum = { ...measured.datum, kind: 'rim' as const, lineMm: 0 };
          changePlace(next?.kind === 'round' ? { wrap: next, outline, datum } : { wrap: next });
        }}
      />
      {wrap && <WrapMeasures wrap={wrap} onChange={(next) => changePlace({ wrap: next })} />}
    </section>
  );
}

function WrapMeasures({ wrap, onChange }: { readonly wrap: Wrap; readonly onChange: (wrap: Wrap) => void }) {
  const { unit } = useLengths();
  switch (wrap.kind) {
    case 'folded':
      return (
        <div>
          <NumberField
            label="Folded across into"
            unit="parts"
            decimals={0}
            value={wrap.acrossParts}
            min={1}
            max={6}
            onChange={(n) => onChange({ ...wrap, acrossParts: Math.round(n) })}
          />
          <NumberField
            label="Folded down into"
            unit="parts"
            decimals={0}
            value={wrap.downParts}
            min={1}
            max={6}
            onChange={(n) => onChange({ ...wrap, downParts: Math.round(n) })}
          />
        </div>
      );
    case 'filled':
      return (
        <div>
          <LengthField
            label="Depth when filled"
            unit={unit}
            value={wrap.depthMm}
            min={1}
            max={2000}
            onChange={(depthMm) => onChange({ ...wrap, depthMm })}
          />
          <LengthField
            label="Gusset on each side"
            unit={unit}
            value={wrap.gussetMm}
            min={0}
            max={2000}
            onChange={(gussetMm) => onChange({ ...wrap, gussetMm })}
          />
          <SeenAngle value={wrap.seenDeg} onChange={(seenDeg) => onChange({ ...wrap, seenDeg })} />
        </div>
      );
    case 'curved':
      return (
        <div>
          <LengthField
            label="Radius of the curve"
            unit={unit}
            value={wrap.radiusMm}
            min={5}
            max={5000}
            onChange={(radiusMm) => onChange({ ...wrap, radiusMm })}
          />
          <SeenAngle value={wrap.seenDeg} onChange={(seenDeg) => onChange({ ...wrap, seenDeg })} />
        </div>
      );
    case 'stretched':
      return (
        <div>
          <NumberField
            label="Wider in use by"
            unit="%"
            value={wrap.acrossPct}
            min={0}
            max={200}
            onChange={(acrossPct) => onChange({ ...wrap, acrossPct })}
          />
          <NumberField
            label="Taller in use by"
            unit="%"
            value={wrap.downPct}
            min={0}
            max={200}
            onChange={(downPct) => onChange({ ...wrap, downPct })}
          />
          <p className="text-soft">
            Measures are those of the blank at rest. Letters stretch with it: stretch film follows, other films crack.
          </p>
        </div>
      );
    case 'round':
      return <RoundFields wrap={wrap} onChange={onChange} />;
    default:
      return assertNever(wrap);
  }
}

/** What leans further away from the viewer is read badly. */
function SeenAngle({ value, onChange }: { readonly value: number; readonly onChange: (deg: number) => void }) {
  return <NumberField label="Seen well up to" unit="°" value={value} min={5} max={85} onChange={onChange} />;
}
