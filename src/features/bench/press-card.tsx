'use client';

import {
  FABRIC_OPTIONS,
  HEATER_OPTIONS,
  cautionWords,
  layerRemarks,
  fabricFrom,
  readingWords,
  pressRemarks,
  stepWords,
  useHeat,
  useHeater,
  useLengths,
  useRun,
} from '@/client';
import { changeBlank } from '@/core/edit';
import type { Clock } from '@/core/countdown';
import { type InkSize, type PlacePress, clockOf, pressCautions, pressPlace } from '@/core/press';
import { Select } from '@/ui';
import { CardDiffers } from './card-differs';
import { PressFigures, StepRow } from './press-figures';
import type { Clocks } from './use-clocks';
import { type ItemPlace, layersOf } from './item-places';

interface PressCardsProps {
  readonly at: ItemPlace;
  /** What is laid down; null while it is not known. */
  readonly ink: InkSize | null;
  readonly clocks: Clocks;
}

/** How the place in hand is pressed with what this station has: heat, seconds and pressure large, then the order of doing. */
export function PressCards({ at, ink, clocks }: PressCardsProps) {
  const { spec, change } = useRun();
  const [heater, setHeater] = useHeater();
  const { blank, measured, use } = at.place;
  const materials = layersOf(at.pieces);
  const presses = pressPlace({ materials, blank, measured, ink, heater, cards: spec.shop.cards });
  return (
    <section
      aria-label="Press card"
      className="mb-4 border border-l-4 border-rule border-l-verdigris bg-white px-4 py-3"
    >
      {presses.map((press, i) => (
        <PressCardOf
          key={press.materialName}
          press={press}
          no={presses.length > 1 ? i + 1 : null}
          onStart={(clock) => void clocks.start(clock, at.place.at.placeId)}
        />
      ))}
      {measured.readingDeg !== 0 && <p className="font-semibold">It reads {readingWords(measured.readingDeg)}.</p>}
      {pressCautions({ ...blank, materials }).map((caution) => (
        <p key={caution} className="my-1 text-sm text-brass">
          {cautionWords(caution)}
        </p>
      ))}
      {presses.some(({ answer }) => answer.kind === 'askFabric') && (
        <label className="mt-2 flex items-center gap-3 text-lg">
          “{blank.name}” is pressed like
          <Select
            options={FABRIC_OPTIONS}
            value={blank.fabricClass ?? ''}
            onChange={(id) =>
              change((now) => changeBlank(now, use.blankId, (one) => ({ ...one, fabricClass: fabricFrom(id) })))
            }
          />
        </label>
      )}
      {presses.some(({ answer }) => answer.kind !== 'withoutHeat') && (
        <p className="flex flex-wrap items-center justify-between gap-3 text-sm text-soft">
          Starting points: the film maker’s sheet and the blank’s label win.
          <Select aria-label="Pressed with" options={HEATER_OPTIONS} value={heater} onChange={setHeater} />
        </p>
      )}
    </section>
  );
}

interface PressCardOfProps {
  readonly press: PlacePress;
  /** Which film of several it is, the lowest first. */
  readonly no: number | null;
  readonly onStart: (clock: Clock) => void;
}

function PressCardOf({ press, no, onStart }: PressCardOfProps) {
  const { materialName, answer, steps } = press;
  const { heat } = useHeat();
  const { pair } = useLengths();
  const words = { heat, pair };
  const remarks = [...pressRemarks(answer, words), ...layerRemarks(press)];
  const isStop = answer.kind === 'tooHot' || answer.kind === 'noCard';
  return (
    <div className="mb-2">
      {no !== null && (
        <h2 className="text-lg font-bold">
          {no} · {materialName}
        </h2>
      )}
      <PressFigures press={press} />
      {remarks.map((remark) => (
        <p
          key={remark}
          className={`my-1 border-l-4 px-3 py-1 ${isStop ? 'border-madder bg-madder-tint' : 'border-brass bg-brass-tint'}`}
        >
          {remark}
        </p>
      ))}
      {answer.kind === 'press' && <CardDiffers cardId={answer.cardId} />}
      {answer.kind === 'press' && answer.card.reason !== '' && <p className="text-soft">Why: {answer.card.reason}</p>}
      {steps.length > 0 && (
        <ol className="mt-2 list-decimal space-y-0.5 pl-5">
          {steps.map((step) => (
            <StepRow
              key={step.kind}
              words={stepWords(step, words)}
              clock={clockOf(step, materialName)}
              onStart={onStart}
            />
          ))}
        </ol>
      )}
    </div>
  );
}
