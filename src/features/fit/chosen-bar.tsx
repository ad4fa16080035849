'use client';

import { randomBytes, useLengths, useRun } from '@/client';
import { type MainPlace, dropOverrides, setOverrides } from '@/core/edit';
import { type OverrideSet, type TextRef, WIDTH_SHARES, ownSettingsAt } from '@/core/spec';
import { type OwnBend, ownBends, styleOf } from '@/core/shop';
import { Button, LengthField, NumberField, Select } from '@/ui';

interface ChosenBarProps {
  readonly texts: readonly TextRef[];
  readonly numChosen: number;
  readonly place: MainPlace;
  /** Of the first of them, to start from. */
  readonly letterMm: number;
  readonly onClear: () => void;
}

const OWN_KINDS: readonly OverrideSet['kind'][] = ['lettering', 'material', 'tracking', 'width', 'size', 'bend'];

/** What the chosen ones have otherwise than the set: lettering, film, size, width, tracking. */
export function ChosenBar({ texts, numChosen, place, letterMm, onClear }: ChosenBarProps) {
  const { spec, change } = useRun();
  const { unit } = useLengths();
  const set = (value: OverrideSet) => change((now) => setOverrides(now, texts, value, randomBytes));
  const { condenseTo, stretchTo } = spec.remedies;
  const bends = ownBends(place.lettering.bend);
  // The fields show what the first of them has; typing gives it to all.
  const [first] = texts;
  const own = first ? ownSettingsAt(spec, first) : {};
  return (
    <section
      aria-label="Chosen fits"
      className="sticky top-0 z-10 mb-3 grid gap-2 border border-verdigris bg-verdigris-tint p-3"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="font-semibold">{numChosen} chosen, otherwise than the set:</h2>
        <span className="flex gap-2">
          <Button onClick={() => change((now) => dropOverrides(now, texts, OWN_KINDS))}>As the set again</Button>
          <Button onClick={onClear}>Choose none</Button>
        </span>
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
        <Pick
          label="Lettering of the chosen"
          options={spec.shop.letterings.map(({ id, value }) => [id, value.name])}
          onPick={(letteringId) => set({ kind: 'lettering', letteringId })}
        />
        <Pick
          label="Film of the chosen"
          options={spec.shop.materials.map(({ id, value }) => [id, value.name])}
          onPick={(materialId) => set({ kind: 'material', materialId })}
        />
        <LengthField
          label="Letter height"
          unit={unit}
          value={letterMm}
          min={1}
          max={1000}
          onChange={(mm) => set({ kind: 'size', size: { by: 'height', mm } })}
        />
        <NumberField
          label={`Drawn at (${Math.round(condenseTo * 100)}–${Math.round(stretchTo * 100)} looks right)`}
          unit="%"
          value={(own.widthShare ?? 1) * 100}
          min={WIDTH_SHARES.least * 100}
          max={WIDTH_SHARES.most * 100}
          onChange={(percent) => set({ kind: 'width', share: percent / 100 })}
        />
        <NumberField
          label="Tracking"
          unit="%"
          value={(own.trackingEm ?? styleOf(place.lettering, 0).trackingEm) * 100}
          min={-20}
          max={100}
          onChange={(percent) => set({ kind: 'tracking', trackingEm: percent / 100 })}
        />
        <Pick
          label="Bend of the chosen"
          options={bends.map(({ id }) => [id, BEND_WORDS[id]])}
          onPick={(picked) => {
            const found = bends.find(({ id }) => id === picked);
            if (found) set({ kind: 'bend', bend: found.bend });
          }}
        />
      </div>
    </section>
  );
}

const BEND_WORDS: Readonly<Record<OwnBend, string>> = {
  straight: 'straight',
  arch: 'an arch',
  dip: 'a dip',
  otherWay: 'the other way',
  flatter: 'flatter',
  tighter: 'tighter',
};

interface PickProps {
  readonly label: string;
  readonly options: readonly (readonly [id: string, words: string])[];
  readonly onPick: (id: string) => void;
}

function Pick({ label, options, onPick }: PickProps) {
  return (
    <label className="flex items-center gap-2">
      <span>{label}</span>
      <Select options={[['', 'as it is'], ...options]} value="" onChange={(id) => id !== '' && onPick(id)} />
    </label>
  );
}
