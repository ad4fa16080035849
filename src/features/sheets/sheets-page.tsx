'use client';

import { useState } from 'react';
import { useRun } from '@/client';
import { Button, Notice } from '@/ui';
import { BedDrawing } from './bed-drawing';
import { ChooseEntries } from './choose-entries';
import { type DrawnPass, drawMade, drawPlanned, materialOf } from './drawn-pass';
import { LeftOut } from './left-out';
import { PassList } from './pass-list';
import { PassSlip } from './pass-slip';
import { LayoutForm } from './layout-form';
import { useCutPaths } from './use-cut-paths';
import { useSheets } from './use-sheets';

/** The beds: what is laid where and what to do with it. The next pass to make is the first thing seen. */
export function SheetsPage() {
  const { runId, spec } = useRun();
  const { state, isBusy, problem, makeNext } = useSheets();
  const [chosen, setChosen] = useState<string | null>(null);
  const [isTurned, setTurned] = useState(false);
  const planned = state.kind === 'ready' ? state.plan.passes.map(drawPlanned) : [];
  const made = state.kind === 'ready' ? state.made : [];
  const madeKeys = made.map(({ no }) => `made-${no}`);
  const all = [...madeKeys, ...planned.map(({ key }) => key)];
  const shownKey = chosen !== null && all.includes(chosen) ? chosen : (planned[0]?.key ?? madeKeys.at(-1) ?? null);
  const shownMade = made.find(({ no }) => `made-${no}` === shownKey) ?? null;
  const paths = useCutPaths(runId, shownMade?.no ?? null);
  const shown: DrawnPass | null = shownMade
    ? drawMade(shownMade, paths)
    : (planned.find(({ key }) => key === shownKey) ?? null);

  if (state.kind === 'loading') return <p className="p-6 text-lg">Laying the pieces out…</p>;
  if (state.kind === 'failed') return <Notice severity="stop">The passes could not be read. {state.detail}</Notice>;
  const make = async () => {
    const no = await makeNext();
    if (no !== null) setChosen(`made-${no}`);
  };
  return (
    <div className="grid flex-1 gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_372px]">
      <section className="min-w-0">
        <ChooseEntries />
        {shown ? (
          <>
            <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
              <h1 className="text-xl font-bold">Pass {shown.no}</h1>
              <p>
                {materialOf(spec, shown.materialId).name}, {shown.pieces.length}{' '}
                {shown.pieces.length === 1 ? 'piece' : 'pieces'}, {shown.isMade ? 'made' : 'not made yet'};{' '}
                <b>{isTurned ? 'as it will be read' : shown.isReversed ? 'as it lies: reversed' : 'as it lies'}</b>
              </p>
              {shown.isReversed && (
                <Button className="ml-auto" onClick={() => setTurned(!isTurned)}>
                  {isTurned ? 'Show it as it lies' : 'Show it as it will be read'}
                </Button>
              )}
            </div>
            <BedDrawing pass={shown} film={materialOf(spec, shown.materialId).hex} isTurned={isTurned} />
          </>
        ) : (
          <p className="text-lg">
            No piece to lay out. {state.plan.stopped.length > 0 ? 'Every open piece has a stop or waits.' : ''}
          </p>
        )}
      </section>
      <aside className="grid content-start gap-5">
        {problem && <Notice severity="stop">{problem}</Notice>}
        {shown && (
          <PassSlip
            runId={runId}
            pass={shown}
            material={spec.shop.materials.find(({ id }) => id === shown.materialId)?.value ?? null}
            isNext={shown.key === planned[0]?.key}
            isBusy={isBusy}
            onMake={() => void make()}
          />
        )}
        <PassList made={made} planned={planned} shownKey={shownKey} onShow={setChosen} />
        <LeftOut plan={state.plan} />
        <LayoutForm />
      </aside>
    </div>
  );
}
