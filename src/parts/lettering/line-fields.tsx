'use client';

import { type Lettering, firstLineLarge, linesAlike } from '@/core/shop';
import { BETWEEN_WORDS } from '@/core/sentences';
import { Button, Choice, FieldRow, NumberField, Select, optionsOf } from '@/ui';
import { LineRow } from './line-row';

interface LineFieldsProps {
  readonly lettering: Lettering;
  readonly numLines: number;
  readonly onChange: (change: (lettering: Lettering) => Lettering) => void;
}

const WIDTHS = [
  { id: 'own', label: 'each as it is' },
  { id: 'equal', label: 'all as wide' },
];

/** How several lines stand: the size and face of each, the room between them, and what stands there. */
export function LineFields({ lettering, numLines, onChange }: LineFieldsProps) {
  const { stack } = lettering;
  const further = Array.from({ length: numLines - 1 }, (_, i) => i + 1);
  return (
    <section className="grid gap-2">
      <h2 className="heading-small">Lines</h2>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => onChange(firstLineLarge)}>First line large, the others small</Button>
        {stack && <Button onClick={() => onChange(linesAlike)}>All lines alike</Button>}
      </div>
      {further.map((no) => (
        <LineRow key={no} lettering={lettering} no={no} onChange={onChange} />
      ))}
      {stack && (
        <>
          <NumberField
            label="Clear between lines, of the capitals"
            unit="%"
            value={stack.gapShare * 100}
            min={0}
            max={300}
            onChange={(percent) => onChange((now) => ({ ...now, stack: { ...stack, gapShare: percent / 100 } }))}
          />
          <Choice
            label="Widths of the lines"
            options={WIDTHS}
            value={stack.widths}
            onChange={(id) =>
              onChange((now) => ({ ...now, stack: { ...stack, widths: id === 'equal' ? 'equal' : 'own' } }))
            }
          />
          <FieldRow label="Between them">
            <Select
              options={optionsOf(BETWEEN_WORDS)}
              value={stack.between}
              onChange={(between) => onChange((now) => ({ ...now, stack: { ...stack, between } }))}
            />
          </FieldRow>
        </>
      )}
    </section>
  );
}
