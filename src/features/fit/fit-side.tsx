'use client';

import { useRun } from '@/client';
import { type MainPlace, changeRule } from '@/core/run';
import type { ScreenFit } from '@/workers/fit-protocol';
import { CapHeights } from './cap-heights';
import { LetteringPanel } from './lettering-panel';
import { MaterialPanel } from './material-panel';
import { SizeRulePanel } from './size-rule-panel';

/** Everything that changes the wall is beside the wall: size rule, lettering and film are one decision. */
export function FitSide({ place, shown }: { readonly place: MainPlace; readonly shown: readonly ScreenFit[] }) {
  const { change, fits } = useRun();
  const { at } = place;
  const { lettering, material, materialId, placeUse, sizeGroup } = place;
  return (
    <aside className="grid content-start gap-5 border-r border-rule-strong bg-paper p-5">
      <SizeRulePanel
        rule={sizeGroup.rule}
        setHeight={fits.last?.setSizes[sizeGroup.id] ?? null}
        onChange={(rule) => change((now) => changeRule(now, at, rule))}
      />
      <CapHeights fits={shown} leastMm={lettering.minLetterHeightMm} />
      <LetteringPanel at={at} letteringId={placeUse.letteringId} lettering={lettering} />
      <MaterialPanel at={at} materialId={materialId} material={material} />
    </aside>
  );
}
