import { useLengths } from '@/client';
import { heightToChoose } from '@/core/edit';
import type { SetSize } from '@/core/fit';
import type { OneSizeRule } from '@/core/resolve';
import { Button, FieldRow, LengthField, Select, TextButton, NumberField } from '@/ui';

interface RuleDetailsProps {
  readonly rule: OneSizeRule;
  readonly setSize: SetSize | null;
  readonly onChange: (rule: OneSizeRule) => void;
}

/** What a rule says in words, and the figures that belong to it. */
export function RuleDetails({ rule, setSize, onChange }: RuleDetailsProps) {
  switch (rule.kind) {
    case 'fill':
      return <p>Every text as large as its place allows: short names come out taller.</p>;
    case 'banded':
      return (
        <>
          <p>As large as each place allows, so far as the tallest stays near the smallest.</p>
          <NumberField
            label="Tallest over smallest"
            unit="×"
            decimals={2}
            value={rule.ratio}
            min={1}
            max={10}
            onChange={(ratio) => onChange({ kind: 'banded', ratio })}
          />
        </>
      );
    case 'own':
      return <OwnSizeFields rule={rule} onChange={onChange} />;
    default:
      return <LevelFields heightMm={rule.heightMm} setSize={setSize} onChange={onChange} />;
  }
}

function OwnSizeFields({
  rule,
  onChange,
}: {
  rule: Extract<OneSizeRule, { kind: 'own' }>;
  onChange: RuleDetailsProps['onChange'];
}) {
  const lengths = useLengths();
  const { by, mm } = rule.size;
  return (
    <>
      <p>The size that you choose, wherever the place holds it.</p>
      <FieldRow label="Chosen is">
        <Select
          options={[
            ['height', 'the letter height'],
            ['width', 'the whole width'],
          ]}
          value={by}
          onChange={(next) => onChange({ kind: 'own', size: { by: next, mm } })}
        />
      </FieldRow>
      <LengthField
        label={by === 'height' ? 'Letter height' : 'Width of the text'}
        unit={lengths.unit}
        value={mm}
        min={1}
        max={1000}
        onChange={(next) => onChange({ kind: 'own', size: { by, mm: next } })}
      />
    </>
  );
}

function LevelFields({
  heightMm,
  setSize,
  onChange,
}: Omit<RuleDetailsProps, 'rule'> & { readonly heightMm: number | null }) {
  const lengths = useLengths();
  if (heightMm !== null) {
    return (
      <>
        <p>One letter height for the set, chosen by you.</p>
        <LengthField
          label="Letter height"
          unit={lengths.unit}
          value={heightMm}
          min={1}
          max={1000}
          onChange={(next) => onChange({ kind: 'level', heightMm: next })}
        />
        <Button onClick={() => onChange({ kind: 'level', heightMm: null })}>As tall as the longest allows</Button>
      </>
    );
  }
  return (
    <>
      <p>One letter height for the set, as tall as its longest text allows.</p>
      {setSize && (
        <p>
          The set stands at{' '}
          <span className="measure">
            {lengths.figure(setSize.letterMm)} {lengths.word}
          </span>
          .{' '}
          <TextButton onClick={() => onChange({ kind: 'level', heightMm: heightToChoose(setSize.letterMm) })}>
            Choose the height
          </TextButton>
        </p>
      )}
    </>
  );
}
