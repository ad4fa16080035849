'use client';

import { FABRIC_OPTIONS, PREPARATION_WORDS, fabricFrom, useHeat, useLengths } from '@/client';
import { changeFabric } from '@/core/blanks';
import { BLANK_KINDS, type Blank, PREPARATIONS, STRETCHES, TEXTURES, USES, fabricFacts } from '@/core/shop';
import { Button, FieldRow, LengthField, MaybeHeat, MaybeNumber, Select, Ticks } from '@/ui';
import { KIND_WORDS, USE_WORDS } from '../sentences';
import { PackFields } from './pack-fields';

interface BlankFactsProps {
  readonly blank: Blank;
  readonly onChange: (part: Partial<Blank>) => void;
}

/** What the blank is: its use decides film and care, its cloth what heat it bears. */
export function BlankFacts({ blank, onChange }: BlankFactsProps) {
  const { unit } = useLengths();
  const heats = useHeat();
  const usual = blank.fabricClass && fabricFacts(blank.fabricClass).bearsC;
  return (
    <section className="grid content-start gap-4 border-r border-rule-strong bg-paper p-5">
      <div>
        <FieldRow label="Name">
          <input
            className="w-48"
            value={blank.name}
            maxLength={120}
            onChange={(event) => event.target.value !== '' && onChange({ name: event.target.value })}
          />
        </FieldRow>
        <Pick
          label="Kind"
          options={BLANK_KINDS}
          words={KIND_WORDS}
          value={blank.kind}
          onChange={(kind) => onChange({ kind })}
        />
        <FieldRow label="Fabric or material">
          <input
            className="w-48"
            value={blank.fabric}
            maxLength={80}
            onChange={(event) => onChange(changeFabric(blank, event.target.value))}
          />
        </FieldRow>
        <FieldRow label="Pressed like">
          <Select
            options={FABRIC_OPTIONS}
            value={blank.fabricClass ?? ''}
            onChange={(id) => onChange({ fabricClass: fabricFrom(id) })}
          />
        </FieldRow>
        <MaybeNumber
          label="Share of polyester"
          unit="%"
          start={0}
          value={blank.polyesterPct}
          min={0}
          max={100}
          onChange={(polyesterPct) => onChange({ polyesterPct })}
        />
        <Pick label="Texture" options={TEXTURES} value={blank.texture} onChange={(texture) => onChange({ texture })} />
        <LengthField
          label="Thickness"
          unit={unit}
          value={blank.thicknessMm}
          min={0}
          max={500}
          onChange={(thicknessMm) => onChange({ thicknessMm })}
        />
        <Pick label="Stretch" options={STRETCHES} value={blank.stretch} onChange={(stretch) => onChange({ stretch })} />
      </div>
      <div>
        <h2 className="heading-small mb-1">Heat</h2>
        <MaybeHeat
          label="Bears at most"
          unit={heats.unit}
          start={usual ?? 150}
          value={blank.bearsC}
          min={20}
          max={300}
          onChange={(bearsC) => onChange({ bearsC })}
        />
        {blank.bearsC === null && <p className="text-soft">A trial spot comes first.</p>}
        {usual !== null && usual !== blank.bearsC && (
          <Button onClick={() => onChange({ bearsC: usual })}>Usual for it: {heats.heat(usual)}</Button>
        )}
        <p className="text-sm text-soft">A starting point. The blank’s own label and the film maker’s sheet win.</p>
      </div>
      <Ticks
        label="It is"
        options={USES.map((id) => ({ id, label: USE_WORDS[id] }))}
        value={blank.uses}
        onChange={(ids) => onChange({ uses: USES.filter((use) => ids.includes(use)) })}
      />
      {blank.uses.includes('food') && (
        <p className="border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          Goods that touch food or lips have local rules: follow them and the makers’ sheets, and keep film off both.
        </p>
      )}
      <Ticks
        label="Before it is lettered"
        options={PREPARATIONS.map((id) => ({ id, label: PREPARATION_WORDS[id] }))}
        value={blank.preparation}
        onChange={(ids) => onChange({ preparation: PREPARATIONS.filter((step) => ids.includes(step)) })}
      />
      <PackFields pack={blank.pack} onChange={(pack) => onChange({ pack })} />
    </section>
  );
}

interface PickProps<T extends string> {
  readonly label: string;
  readonly options: readonly T[];
  readonly words?: Readonly<Record<T, string>>;
  readonly value: T;
  readonly onChange: (value: T) => void;
}

function Pick<T extends string>({ label, options, words, value, onChange }: PickProps<T>) {
  return (
    <FieldRow label={label}>
      <Select options={options.map((id) => [id, words?.[id] ?? id])} value={value} onChange={onChange} />
    </FieldRow>
  );
}
