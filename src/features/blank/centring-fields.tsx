'use client';

import { useLengths } from '@/client';
import { BODY_MIDDLE, centringReport } from '@/core/place';
import type { Centring } from '@/core/shop';
import { Button, Choice, LengthField } from '@/ui';
import type { PlaceEdit } from './edit';
import { centringWords, offWords } from './sentences';
import { useChangePlace } from './use-change-place';

const GAPS = [
  ['leftGapMm', 'Left edge to the handle'],
  ['leftHandleMm', 'Left handle, width'],
  ['rightHandleMm', 'Right handle, width'],
  ['rightGapMm', 'Handle to the right edge'],
] as const;

/** The two middles that a bag has, from gaps typed at one height or two, and which of them to take. */
export function CentringFields({ edit }: { readonly edit: PlaceEdit }) {
  const { changePlace } = useChangePlace(edit);
  const { centring } = edit.measured;
  const set = (next: Centring | null) => changePlace({ centring: next });
  if (!centring || centring.levels.length === 0) {
    const third = Math.round(edit.variant.body.widthMm / 4);
    const level = { leftGapMm: third, leftHandleMm: 25, rightHandleMm: 25, rightGapMm: third };
    return (
      <section className="grid gap-2" aria-label="Centring">
        <h2 className="heading-small">Centring</h2>
        {centring ? (
          <p>Held to the middle of the blank: whatever width it gets, the place stays there.</p>
        ) : (
          <p className="text-soft">By the left edge. Held to the middle it stays there when a width changes.</p>
        )}
        <p className="text-soft">Handles are often sewn off-centre. Measure them, and see which middle to take.</p>
        <span className="flex flex-wrap gap-2">
          {centring ? (
            <Button onClick={() => set(null)}>Not centred: by the left edge</Button>
          ) : (
            <Button onClick={() => set(BODY_MIDDLE)}>Hold it to the middle</Button>
          )}
          <Button onClick={() => set({ ...BODY_MIDDLE, levels: [level] })}>Measure the handles</Button>
        </span>
      </section>
    );
  }
  return <Measured centring={centring} onChange={set} />;
}

interface MeasuredProps {
  readonly centring: Centring;
  readonly onChange: (centring: Centring | null) => void;
}

function Measured({ centring, onChange }: MeasuredProps) {
  const { unit, exact } = useLengths();
  const report = centringReport(centring);
  const { levels, take, toleranceMm } = centring;
  const type = (at: number, part: Partial<Centring['levels'][number]>) =>
    onChange({ ...centring, levels: levels.map((level, i) => (i === at ? { ...level, ...part } : level)) });
  return (
    <section className="grid gap-2" aria-label="Centring">
      <h2 className="heading-small">Centring</h2>
      {levels.map((level, i) => (
        <fieldset key={i}>
          <legend className="font-semibold">
            {i === 0 ? 'Where the handles are sewn on' : 'At the lettering’s height'}
          </legend>
          {GAPS.map(([part, label]) => (
            <LengthField
              key={part}
              label={i === 0 ? label : `${label}, lower`}
              unit={unit}
              value={level[part]}
              min={0}
              max={5000}
              onChange={(mm) => type(i, { [part]: mm })}
            />
          ))}
          <p className="text-soft">Middle between the handles: {offWords(report.differencesMm[i]!, exact)}.</p>
        </fieldset>
      ))}
      {levels.length === 1 ? (
        <span>
          <Button onClick={() => onChange({ ...centring, levels: [levels[0]!, levels[0]!] })}>
            Measure at a second height
          </Button>
        </span>
      ) : (
        <span>
          <Button onClick={() => onChange({ ...centring, levels: [levels[0]!] })}>One height is enough</Button>
        </span>
      )}
      <LengthField
        label="Tolerance"
        unit={unit}
        value={toleranceMm}
        min={0}
        max={50}
        onChange={(mm) => onChange({ ...centring, toleranceMm: mm })}
      />
      <p className="border-l-4 border-verdigris bg-verdigris-tint px-3 py-1.5" data-testid="centring">
        {centringWords(report, exact)}
      </p>
      <Choice
        label="Centred on"
        options={[
          { id: 'body', label: report.recommended === 'body' ? 'the body (better)' : 'the body' },
          { id: 'handles', label: report.recommended === 'handles' ? 'the handles (better)' : 'the handles' },
        ]}
        value={take}
        onChange={(id) => onChange({ ...centring, take: id as Centring['take'] })}
      />
      <span>
        <Button onClick={() => onChange(null)}>Not centred: by the left edge</Button>
      </span>
    </section>
  );
}
