'use client';

import { randomBytes, useLengths } from '@/client';
import { makeId } from '@/core/ids';
import { shapeBox, type ClearZone } from '@/core/shop';
import { HeldInput, Button, FieldRow, LengthField, Tick } from '@/ui';
import type { PlaceEdit } from './edit';
import { ShapeFields } from './shape-fields';
import { useChangePlace } from './use-change-place';

/** Parts of the place that lettering keeps away from: seams, zips, buttons, badges. */
export function ClearFields({ edit }: { readonly edit: PlaceEdit }) {
  const { unit } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const { clear, outline } = edit.measured;
  const change = (at: number, part: Partial<ClearZone>) =>
    changePlace({ clear: clear.map((zone, i) => (i === at ? { ...zone, ...part } : zone)) });
  const add = () => {
    const { widthMm, heightMm } = shapeBox(outline);
    const side = Math.max(2, Math.round(Math.min(widthMm, heightMm) / 5));
    const zone: ClearZone = {
      id: makeId(randomBytes),
      mayLieInLoop: false,
      name: `clear zone ${clear.length + 1}`,
      shape: { kind: 'rect', widthMm: side, heightMm: side },
      leftMm: 0,
      topMm: 0,
    };
    changePlace({ clear: [...clear, zone] });
  };
  return (
    <section className="grid gap-2">
      <h2 className="heading-small">Kept clear</h2>
      {clear.length === 0 && <p className="text-soft">Seams, zips, buttons or holes inside the place: none.</p>}
      {clear.map((zone, i) => (
        <fieldset key={zone.id} className="border-l-4 border-rule-strong pl-3">
          <FieldRow label="What it is">
            <HeldInput className="w-40" value={zone.name} maxLength={60} onText={(name) => change(i, { name })} />
          </FieldRow>
          <ShapeFields
            what={zone.name || `clear zone ${i + 1}`}
            shape={zone.shape}
            onChange={(shape) => change(i, { shape })}
          />
          <LengthField
            label="From the place’s left side"
            unit={unit}
            value={zone.leftMm}
            min={-5000}
            max={5000}
            onChange={(leftMm) => change(i, { leftMm })}
          />
          <LengthField
            label="From its top"
            unit={unit}
            value={zone.topMm}
            min={-5000}
            max={5000}
            onChange={(topMm) => change(i, { topMm })}
          />
          <Tick checked={zone.mayLieInLoop} onChange={(mayLieInLoop) => change(i, { mayLieInLoop })}>
            It may lie in the loop of a letter
          </Tick>
          <Button onClick={() => changePlace({ clear: clear.filter((_, k) => k !== i) })}>
            No {zone.name || 'such zone'} here
          </Button>
        </fieldset>
      ))}
      {clear.length < 40 && (
        <span>
          <Button onClick={add}>Keep something clear</Button>
        </span>
      )}
    </section>
  );
}
