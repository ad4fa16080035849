'use client';

import { type Lettering, firstLineLarge, linesAlike, sizeShareOf, styleOf, withFace, withLineStyle } from '@/core/shop';
import { useShopFaces } from '@/client';
import { BETWEEN_WORDS } from '@/core/sentences';
import { Button, Choice, FieldRow, NumberField, Select, optionsOf } from '@/ui';

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

interface LineRowProps extends Pick<LineFieldsProps, 'lettering' | 'onChange'> {
  readonly no: number;
}

const EVEN = { gapShare: 0.5, widths: 'own', between: 'nothing' } as const;

function LineRow({ lettering, no, onChange }: LineRowProps) {
  const faces = useShopFaces();
  const style = styleOf(lettering, no);
  const change = (part: Partial<Lettering['lines'][number]>) =>
    onChange((now) => ({ ...withLineStyle(now, no, part), stack: now.stack ?? EVEN }));
  return (
    <div className="border-t border-rule pt-1">
      <NumberField
        label={`Line ${no + 1}, of the size of the first`}
        unit="%"
        value={sizeShareOf(lettering, no) * 100}
        min={10}
        max={500}
        onChange={(percent) => change({ sizeShare: percent / 100 })}
      />
      <FieldRow label={`Face of line ${no + 1}`}>
        <Select
          className="max-w-44"
          options={faces.optionsWith(style)}
          value={style.face}
          onChange={(key) =>
            onChange((now) => ({ ...withFace(now, no, faces.choiceOf(key)), stack: now.stack ?? EVEN }))
          }
        />
      </FieldRow>
    </div>
  );
}
