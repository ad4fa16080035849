'use client';

import { useShopFaces } from '@/client';
import type { LetterChange } from '@/core/edit';
import { type Lettering, featuresOfLetter, styleOf, withLetterFeature } from '@/core/shop';
import { LETTER_LIMITS, type OwnLetter, type ToNext } from '@/core/spec';
import type { TextLetter } from '@/core/wording';
import { AlternateFields } from '@/parts/lettering';
import { Button, FieldRow, NumberField, Select } from '@/ui';

interface LetterFieldsProps {
  readonly lettering: Lettering;
  readonly letter: TextLetter;
  readonly own: OwnLetter | null;
  readonly onChange: (part: LetterChange) => void;
}

const AS_LINE = '';

/** One letter: its face, its other forms, where it stands, and how the next one follows. */
export function LetterFields({ lettering, letter, own, onChange }: LetterFieldsProps) {
  const faces = useShopFaces();
  const line = styleOf(lettering, letter.line);
  const ofPart = letter.face === null ? line : { face: letter.face, faceName: letter.faceName };
  const used = own?.face === undefined ? ofPart : { face: own.face, faceName: own.faceName };
  const asked = own?.features ?? [];
  const features = featuresOfLetter(line.features, asked);
  return (
    <div className="grid gap-1">
      <FieldRow label={`Face of ${letter.character}`}>
        <Select
          className="max-w-44"
          options={[[AS_LINE, 'as its line'], ...faces.optionsWith(used)]}
          value={own?.face ?? AS_LINE}
          onChange={(key) => onChange(key === AS_LINE ? NO_FACE : { ...NO_FACE, ...faces.choiceOf(key) })}
        />
      </FieldRow>
      <AlternateFields
        lettering={{ ...lettering, lines: [{ ...line, ...used, features }] }}
        text={letter.character}
        onTake={(feature, isTaken) => {
          const taken = withLetterFeature(line.features, asked, feature, isTaken);
          onChange({ features: taken.length === 0 ? null : taken });
        }}
      />
      {letter.next !== null && (
        <NextField character={letter.character} next={letter.next} toNext={own?.toNext} onChange={onChange} />
      )}
      <StandFields own={own} onChange={onChange} />
      {own && (
        <div>
          <Button onClick={() => onChange(AS_ITS_LINE)}>As its line again</Button>
        </div>
      )}
    </div>
  );
}

const NO_FACE = { face: null, faceName: null, features: null } as const;
const AS_ITS_LINE: LetterChange = {
  ...NO_FACE,
  right: null,
  up: null,
  turnDeg: null,
  size: null,
  toNext: null,
};

const NEXT_WORDS = [
  [AS_LINE, 'as they are spaced'],
  ['gap', 'at a gap of'],
  ['joined', 'drawn together'],
  ['bridged', 'bridged by a stroke'],
] as const;
const FIRST_NEXT: Readonly<Record<string, ToNext>> = {
  gap: { kind: 'gap', share: 0.1 },
  joined: { kind: 'joined' },
  bridged: { kind: 'bridged' },
};

interface NextFieldProps {
  readonly character: string;
  readonly next: string;
  readonly toNext: ToNext | undefined;
  readonly onChange: LetterFieldsProps['onChange'];
}

function NextField({ character, next, toNext, onChange }: NextFieldProps) {
  return (
    <>
      <FieldRow label={`${character} and ${next}`}>
        <Select
          options={NEXT_WORDS}
          value={toNext?.kind ?? AS_LINE}
          onChange={(kind) => onChange({ toNext: FIRST_NEXT[kind] ?? null })}
        />
      </FieldRow>
      {toNext?.kind === 'gap' && (
        <NumberField
          label="Gap, of the capitals"
          unit="%"
          value={toNext.share * 100}
          min={0}
          max={100}
          onChange={(percent) => onChange({ toNext: { kind: 'gap', share: percent / 100 } })}
        />
      )}
    </>
  );
}

function StandFields({ own, onChange }: Pick<LetterFieldsProps, 'own' | 'onChange'>) {
  const { shiftShare, turnDeg, leastSize, mostSize } = LETTER_LIMITS;
  const orNull = (value: number, natural: number) => (value === natural ? null : value);
  return (
    <>
      <NumberField
        label="To the right, of the capitals"
        unit="%"
        value={(own?.right ?? 0) * 100}
        min={-shiftShare * 100}
        max={shiftShare * 100}
        onChange={(percent) => onChange({ right: orNull(percent / 100, 0) })}
      />
      <NumberField
        label="Up, of the capitals"
        unit="%"
        value={(own?.up ?? 0) * 100}
        min={-shiftShare * 100}
        max={shiftShare * 100}
        onChange={(percent) => onChange({ up: orNull(percent / 100, 0) })}
      />
      <NumberField
        label="Turned clockwise"
        unit="°"
        value={own?.turnDeg ?? 0}
        min={-turnDeg}
        max={turnDeg}
        onChange={(degrees) => onChange({ turnDeg: orNull(degrees, 0) })}
      />
      <NumberField
        label="Size, of its own"
        unit="%"
        value={(own?.size ?? 1) * 100}
        min={leastSize * 100}
        max={mostSize * 100}
        onChange={(percent) => onChange({ size: orNull(percent / 100, 1) })}
      />
    </>
  );
}
