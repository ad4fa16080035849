'use client';

import { useLengths, useRun } from '@/client';
import { type MainPlace, chooseLettering } from '@/core/edit';
import { Button } from '@/ui';
import type { Comparison, ScreenFit } from '@/workers/fit-protocol';
import { worstSeverity } from '@/core/finding';

interface CompareBarProps {
  readonly place: MainPlace;
  readonly shown: readonly ScreenFit[];
  readonly letteringId: string;
  /** Null while it is drawn. */
  readonly comparison: Comparison | null;
  readonly onEnd: () => void;
}

/** Two letterings for the whole set, side by side in figures; each tile shows both at one scale. */
export function CompareBar({ place, shown, letteringId, comparison, onEnd }: CompareBarProps) {
  const lengths = useLengths();
  const { spec, change } = useRun();
  const other = spec.shop.letterings.find(({ id }) => id === letteringId)?.value.name ?? '';
  const here = shown.filter(({ capHeightMm }) => capHeightMm > 0).map(({ capHeightMm }) => capHeightMm);
  const there = (comparison?.fits ?? []).flatMap((fit) => (fit && fit.capHeightMm > 0 ? [fit.capHeightMm] : []));
  const take = () => {
    change((now) => chooseLettering(now, place.at, letteringId));
    onEnd();
  };
  return (
    <section
      aria-label="Compared letterings"
      className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2 border border-rule-strong bg-paper p-3"
    >
      <table>
        <thead>
          <tr className="text-left text-fine text-soft">
            <th className="pr-5 font-normal">lettering</th>
            <th className="pr-5 text-right font-normal">smallest cap, {lengths.word}</th>
            <th className="pr-5 text-right font-normal">tallest cap, {lengths.word}</th>
            <th className="text-right font-normal">stops</th>
          </tr>
        </thead>
        <tbody>
          <SetRow
            name={place.lettering.name}
            caps={here}
            numStops={shown.filter(({ findings }) => worstSeverity(findings) === 'stop').length}
          />
          <SetRow name={other} caps={there} numStops={comparison?.numStops ?? null} />
        </tbody>
      </table>
      <span className="flex flex-wrap gap-2">
        <Button weight="main" onClick={take}>
          Take {other} for the set
        </Button>
        <Button onClick={onEnd}>Stay with {place.lettering.name}</Button>
      </span>
    </section>
  );
}

function SetRow({
  name,
  caps,
  numStops,
}: {
  readonly name: string;
  readonly caps: readonly number[];
  readonly numStops: number | null;
}) {
  const lengths = useLengths();
  const [least, most] = [caps.reduce((a, b) => Math.min(a, b), Infinity), caps.reduce((a, b) => Math.max(a, b), 0)];
  return (
    <tr className="border-t border-rule">
      <td className="pr-5 font-semibold">{name}</td>
      <td className="measure pr-5 text-right">{caps.length > 0 ? lengths.figure(least) : '…'}</td>
      <td className="measure pr-5 text-right">{caps.length > 0 ? lengths.figure(most) : '…'}</td>
      <td className="measure text-right">{numStops ?? '…'}</td>
    </tr>
  );
}
