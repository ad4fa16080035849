'use client';

import { useLengths, useRun } from '@/client';
import { kindFacts } from '@/core/shop';
import { formatMm } from '@/core/units';
import type { OpenPass, PassOnBed } from '@/services';
import { type PassRow, isReversed, bladesOf, materialOf, openFilmsOf, piecesOf } from './drawn-pass';
import { SettleFilm } from './settle-film';
import { SlipPress } from './slip-press';
import { MadePassDeeds, MakePass, UnmadeWords } from './pass-deed';

interface PassSlipProps {
  readonly runId: string;
  readonly pass: PassOnBed;
  readonly row: PassRow;
  /** Only the first planned pass can be made; the others wait for it. */
  readonly isNext: boolean;
  /** What is open in the next one; null until it is known. */
  readonly open: OpenPass | null;
  readonly isBusy: boolean;
  /** What is shown is laid out for the run as it stands: nothing else is made. */
  readonly isCurrent: boolean;
  readonly onMake: () => void;
  readonly onUnmake: (passId: string) => void;
}

/** The written slip beside the bed: what to do in which order, ending in the deed. */
export function PassSlip({ runId, pass, row, isNext, open, isBusy, isCurrent, onMake, onUnmake }: PassSlipProps) {
  const { atLeast, exact, word } = useLengths();
  const { spec } = useRun();
  const pieces = piecesOf(pass);
  const opens = openFilmsOf(spec, pass);
  const recuts = pieces.filter(({ attempt }) => attempt > 1);
  return (
    <section className="border border-t-[6px] border-rule-strong border-t-ink bg-white px-5 py-4">
      <h2 className="text-xl font-bold">Slip for pass {pass.no}</h2>
      <ol className="my-3 list-decimal space-y-1.5 pl-5">
        {pass.patches.map(({ materialId, widthMm, heightMm, xMm, yMm }, i) => {
          const { name, material } = materialOf(spec, materialId);
          const corner =
            xMm === 0 && yMm === 0
              ? 'into the top left corner'
              : `${exact(xMm)} from the left, ${exact(yMm)} from the top`;
          return (
            <li key={i}>
              Cut{' '}
              <b className="measure">
                {atLeast(widthMm)} × {atLeast(heightMm)} {word}
              </b>{' '}
              off {material?.open ? name : `the ${name}`}; lay it{' '}
              {material ? kindFacts(material.kind).lies : 'as its sheet says'}, {corner}; roll it flat
            </li>
          );
        })}
        {bladesOf(spec, pass).map((blade) => (
          <li key={blade}>
            Set the blade: <b>{blade}</b>
          </li>
        ))}
        <li>Cut a small test shape first when the material or the blade is new</li>
        <li>After the cut lift a corner before you unload: if it is not through, cut again as it lies</li>
      </ol>
      <dl className="border-t border-rule">
        <SlipFigure label="pieces" value={String(pieces.length)} />
        <SlipFigure label="as it lies" value={isReversed(pass) ? 'reversed' : 'as it reads'} />
        {pass.patches.map(({ usedShare, inkShare }, i) => (
          <SlipFigure
            key={i}
            label="used of the film: boxes · ink"
            value={`${formatMm(usedShare * 100, 0)} % · ${formatMm(inkShare * 100, 0)} %`}
          />
        ))}
        {recuts.length > 0 && (
          <SlipFigure label="cut again" value={recuts.map(({ text }) => text.join(' ')).join(', ')} />
        )}
      </dl>
      <SlipPress runId={runId} pass={pass} isMade={row.made !== null && !row.made.isUnmade} />
      <div className="mt-4 print:hidden">
        {row.made === null ? (
          opens.length > 0 ? (
            <div className="grid gap-2">
              {opens.map(([materialId, material]) => (
                <SettleFilm key={materialId} materialId={materialId} material={material} />
              ))}
            </div>
          ) : isNext ? (
            <MakePass key={pass.no} no={pass.no} open={open} isBusy={isBusy || !isCurrent} onMake={onMake} />
          ) : (
            <p className="text-soft">Waits for the passes before it.</p>
          )
        ) : row.made.isUnmade ? (
          <UnmadeWords no={pass.no} />
        ) : (
          <MadePassDeeds
            runId={runId}
            no={pass.no}
            key={pass.no}
            isTaken={row.made.isTaken}
            blades={bladesOf(spec, pass)}
            isBusy={isBusy}
            onUnmake={() => onUnmake(row.made?.id ?? '')}
          />
        )}
      </div>
    </section>
  );
}

function SlipFigure({ label, value }: { readonly label: string; readonly value: string }) {
  return (
    <div className="flex justify-between gap-4 border-b border-rule py-1.5">
      <dt>{label}</dt>
      <dd className="measure text-right font-semibold">{value}</dd>
    </div>
  );
}
