'use client';

import {
  HEATER_OPTIONS,
  useCountdownSound,
  useCurrency,
  useFirstDay,
  useHeat,
  useHeater,
  useLengths,
  usePaper,
  useStationName,
} from '@/client';
import { Choice, FieldRow, HeldInput, Select, Tick } from '@/ui';
import { Words } from './words-field';

const FIRST_DAYS = [
  { id: 'monday', label: 'Monday' },
  { id: 'sunday', label: 'Sunday' },
  { id: 'saturday', label: 'Saturday' },
] as const;

/** How this browser shows measures, and what stands beside it: every page here reads it. */
export function SettingsPage() {
  const lengths = useLengths();
  const heat = useHeat();
  const [hasSound, setSound] = useCountdownSound();
  const [heater, setHeater] = useHeater();
  const [paper, setPaper] = usePaper();
  const [currency, setCurrency] = useCurrency();
  const [firstDay, setFirstDay] = useFirstDay();
  const [name, setName] = useStationName();
  return (
    <main className="mx-auto max-w-[720px] px-6 py-6">
      <h1 className="mb-4 text-2xl font-bold">Settings of this station</h1>
      <section className="grid gap-4 border border-rule-strong bg-paper p-5">
        <h2 className="heading-small">Measures</h2>
        <Choice
          label="Lengths in"
          options={[
            { id: 'mm', label: 'millimetres' },
            { id: 'inch', label: 'inches, in fractions' },
          ]}
          value={lengths.unit}
          onChange={(id) => lengths.setUnit(id === 'inch' ? 'inch' : 'mm')}
        />
        <Choice
          label="Heat in"
          options={[
            { id: 'celsius', label: '°C' },
            { id: 'fahrenheit', label: '°F' },
          ]}
          value={heat.unit}
          onChange={(id) => heat.setUnit(id === 'fahrenheit' ? 'fahrenheit' : 'celsius')}
        />
        <p className="text-soft">
          Kept and cut is in millimetres and degrees Celsius whichever is chosen. Heat is shown in whole degrees and
          never rounded up.
        </p>
        <h2 className="heading-small mt-2">Paper, money, weeks</h2>
        <Choice
          label="Prints on"
          options={[
            { id: 'a4', label: 'A4' },
            { id: 'letter', label: 'Letter' },
          ]}
          value={paper}
          onChange={(id) => setPaper(id === 'letter' ? 'letter' : 'a4')}
        />
        <FieldRow label="What is bought is priced in, three letters">
          <HeldInput
            className="measure w-20"
            value={currency}
            maxLength={3}
            onText={(typed) => /^[a-z]{3}$/i.test(typed) && setCurrency(typed.toUpperCase())}
          />
        </FieldRow>
        <Choice
          label="A week begins on"
          options={FIRST_DAYS}
          value={firstDay}
          onChange={(id) => setFirstDay(FIRST_DAYS.find((day) => day.id === id)?.id ?? 'monday')}
        />
        <h2 className="heading-small mt-2">This station</h2>
        <Words label="Its name in the workshop" value={name} most={60} onChange={setName} />
        <Tick checked={hasSound} onChange={setSound}>
          A countdown that has run out is heard
        </Tick>
        <FieldRow label="It presses with">
          <Select options={HEATER_OPTIONS} value={heater} onChange={setHeater} />
        </FieldRow>
      </section>
    </main>
  );
}
