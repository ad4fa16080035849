import {
  type Lettering,
  aboveAsOthers,
  aboveLine,
  CASE_FORMS,
  EVEN_STACK,
  sizeShareOf,
  styleOf,
  withFace,
  withLineStyle,
} from '@/core/shop';
import { CASE_WORDS, useShopFaces } from '@/client';
import { BETWEEN_WORDS } from '@/core/sentences';
import { FieldRow, Fold, NumberField, Select, TextButton, optionsOf } from '@/ui';

interface LineRowProps {
  readonly lettering: Lettering;
  /** From 1: the first line has the size and the face of the lettering. */
  readonly no: number;
  readonly onChange: (change: (lettering: Lettering) => Lettering) => void;
}

/** One of several lines: its size and face; case, tracking and what it has above it when they are asked for. */
export function LineRow({ lettering, no, onChange }: LineRowProps) {
  const faces = useShopFaces();
  const style = styleOf(lettering, no);
  return (
    <div className="border-t border-rule pt-1">
      <NumberField
        label={`Line ${no + 1}, of the size of the first`}
        unit="%"
        value={sizeShareOf(lettering, no) * 100}
        min={10}
        max={500}
        onChange={(percent) => onChange((now) => stacked(withLineStyle(now, no, { sizeShare: percent / 100 })))}
      />
      <FieldRow label={`Face of line ${no + 1}`}>
        <Select
          className="max-w-44"
          options={faces.optionsWith(style)}
          value={style.face}
          onChange={(key) => onChange((now) => stacked(withFace(now, no, faces.choiceOf(key))))}
        />
      </FieldRow>
      <Fold summary={`More of line ${no + 1}`} summaryClassName="py-1 text-soft">
        <MoreOfLine lettering={lettering} no={no} onChange={onChange} />
      </Fold>
    </div>
  );
}

/** Lines that differ stand one below the other by their own heights. */
function stacked(lettering: Lettering): Lettering {
  return lettering.stack ? lettering : { ...lettering, stack: EVEN_STACK };
}

const ABOVE_WORDS = { asOthers: 'as between all lines', ...BETWEEN_WORDS } as const;

function MoreOfLine({ lettering, no, onChange }: LineRowProps) {
  const style = styleOf(lettering, no);
  const { gapShare } = aboveLine(lettering.stack ?? EVEN_STACK, style);
  const change = (part: Partial<Lettering['lines'][number]>) =>
    onChange((now) => stacked(withLineStyle(now, no, part)));
  return (
    <>
      <FieldRow label={`Case of line ${no + 1}`}>
        <Select
          options={optionsOf(CASE_WORDS, CASE_FORMS)}
          value={style.caseForm}
          onChange={(caseForm) => change({ caseForm })}
        />
      </FieldRow>
      <NumberField
        label={`Tracking of line ${no + 1}`}
        unit="%"
        value={style.trackingEm * 100}
        min={-20}
        max={100}
        onChange={(percent) => change({ trackingEm: percent / 100 })}
      />
      <NumberField
        label={`Clear above line ${no + 1}, of the capitals`}
        unit="%"
        value={gapShare * 100}
        min={0}
        max={300}
        onChange={(percent) => change({ gapAboveShare: percent / 100 })}
      />
      {style.gapAboveShare !== undefined && (
        <TextButton onClick={() => onChange((now) => aboveAsOthers(now, no, 'gapAboveShare'))}>
          As clear as between all lines
        </TextButton>
      )}
      <FieldRow label={`Above line ${no + 1}`}>
        <Select
          options={optionsOf(ABOVE_WORDS)}
          value={style.above ?? 'asOthers'}
          onChange={(above) =>
            above === 'asOthers' ? onChange((now) => aboveAsOthers(now, no, 'above')) : change({ above })
          }
        />
      </FieldRow>
    </>
  );
}
