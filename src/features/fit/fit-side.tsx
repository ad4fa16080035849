'use client';

import { useRun } from '@/client';
import {
  type MainPlace,
  changeLeastHeight,
  changeMaterial,
  changePlaceUse,
  changeRule,
  processFacts,
} from '@/core/run';
import { Choice, NumberField } from '@/ui';
import { CapHeights } from './cap-heights';
import { SizeRulePanel } from './size-rule-panel';

/** Everything that changes the wall is beside the wall: size rule, lettering and film are one decision. */
export function FitSide({ place }: { readonly place: MainPlace }) {
  const { spec, change, fits } = useRun();
  const { lettering, material, placeUse, sizeGroup } = place;
  return (
    <aside className="grid content-start gap-5 border-r border-rule-strong bg-paper p-5">
      <SizeRulePanel
        rule={sizeGroup.rule}
        setHeight={fits.last?.setHeights[sizeGroup.id] ?? null}
        onChange={(rule) => change((now) => changeRule(now, rule))}
      />
      <CapHeights fits={fits.last?.fits ?? []} leastMm={lettering.minLetterHeightMm} />
      <Choice
        label="Lettering"
        options={spec.shop.letterings.map(({ id, value }) => ({ id, label: value.name }))}
        value={placeUse.letteringId}
        onChange={(letteringId) => change((now) => changePlaceUse(now, (use) => ({ ...use, letteringId })))}
      />
      <NumberField
        label="Least letter height"
        unit="mm"
        value={lettering.minLetterHeightMm}
        min={1}
        max={500}
        onChange={(leastMm) => change((now) => changeLeastHeight(now, leastMm))}
      />
      <Choice
        label="Cut from"
        options={spec.shop.materials.map(({ id, value }) => ({ id, label: value.name, swatch: value.colour.hex }))}
        value={placeUse.materials.main ?? ''}
        onChange={(materialId) => change((now) => changeMaterial(now, materialId))}
      />
      <p className="text-soft">
        Lies {processFacts(material.process).lies};{' '}
        {processFacts(material.process).reversed ? 'it is cut reversed.' : 'it is cut as it reads.'}
      </p>
    </aside>
  );
}
