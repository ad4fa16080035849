'use client';

import { useRun } from '@/client';
import { type MainPlace, changeRule } from '@/core/run';
import { CapHeights } from './cap-heights';
import { LetteringPanel } from './lettering-panel';
import { MaterialPanel } from './material-panel';
import { SizeRulePanel } from './size-rule-panel';

/** Everything that changes the wall is beside the wall: size rule, lettering and film are one decision. */
export function FitSide({ place }: { readonly place: MainPlace }) {
  const { change, fits } = useRun();
  const { lettering, material, materialId, placeUse, sizeGroup } = place;
  return (
    <aside className="grid content-start gap-5 border-r border-rule-strong bg-paper p-5">
      <SizeRulePanel
        rule={sizeGroup.rule}
        setHeight={fits.last?.setHeights[sizeGroup.id] ?? null}
        onChange={(rule) => change((now) => changeRule(now, rule))}
      />
      <CapHeights fits={fits.last?.fits ?? []} leastMm={lettering.minLetterHeightMm} />
      <LetteringPanel letteringId={placeUse.letteringId} lettering={lettering} />
      <MaterialPanel materialId={materialId} material={material} />
    </aside>
  );
}
