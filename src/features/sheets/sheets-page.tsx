'use client';

import { useState } from 'react';
import { api, useApiQuery, useRun } from '@/client';
import type { PassOnBed, PlannedPass } from '@/services';
import { Button, Notice } from '@/ui';
import { PrintButton, PrintHead } from '@/parts/print';
import { BedDrawing } from './bed-drawing';
import { ChooseEntries } from './choose-entries';
import { type PassRow, isReversed, materialsOf, piecesOf } from './drawn-pass';
import { LeftOut } from './left-out';
import { MakeAll } from './make-all';
import { PassList } from './pass-list';
import { PassSlip } from './pass-slip';
import { LayoutForm } from './layout-form';
import { type SheetsState, useSheets } from './use-sheets';

/** The beds: what is laid where and what to do with it. The next pass to make is the first thing seen. */
export function SheetsPage() {
  const { runId } = useRun();
  const { state, isBusy, problem, open, make: makePasses, unmake } = useSheets();
  const [chosen, setChosen] = useState<string | null>(null);
  const rows = rowsOf(state);
  const next = rows.find(({ made }) => made === null) ?? null;
  const row = rows.find(({ key }) => key === chosen) ?? next ?? rows.at(-1) ?? null;
  const isMade = row !== null && row.made !== null;
  const made = useApiQuery({
    key: ['pass', runId, row?.no],
    ask: () => api.passOnBed(runId, row?.no ?? 0),
    isAsked: isMade,
  });
  const plan = state.kind === 'ready' ? state.plan : null;
  const drawn = useApiQuery({
    key: ['planned', runId, plan?.name, row?.no],
    ask: () => api.plannedPass(runId, row?.no ?? 0),
    isAsked: row !== null && !isMade,
  });
  if (state.kind === 'loading') return <p className="p-6 text-lg">Laying the pieces out…</p>;
  if (state.kind === 'failed') return <Notice severity="stop">The passes could not be read. {state.detail}</Notice>;
  const pass = isMade ? (made.isCurrent ? made.value : null) : drawnOf(drawn.value, row);
  // Only what lies before one's eyes is made.
  const isCurrent = state.isCurrent && (isMade || (drawn.isCurrent && drawn.value?.name === state.plan.name));
  const make = async (numPasses: number) => {
    const no = await makePasses(numPasses);
    if (no !== null) setChosen(`made-${no}`);
  };
  return (
    <div className="grid flex-1 gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_372px] print:block print:p-0">
      <section className="min-w-0" aria-busy={!isCurrent}>
        <PrintHead what="Slip" />
        <div className="print:hidden">
          <ChooseEntries />
        </div>
        {row && pass && (
          <PassOnBedView
            key={row.key}
            pass={pass}
            row={row}
            isCurrent={isCurrent}
            isSearching={state.plan.isSearching}
          />
        )}
        {row && !pass && <h1 className="text-xl font-bold">Reading pass {row.no}…</h1>}
        {!row && (
          <p className="text-lg">
            No piece to lay out. {state.plan.stopped.length > 0 ? 'Every open piece has a stop or waits.' : ''}
          </p>
        )}
      </section>
      <aside className="grid content-start gap-5">
        {problem && <Notice severity="stop">{problem}</Notice>}
        {row && pass && (
          <PassSlip
            runId={runId}
            pass={pass}
            row={row}
            isNext={row === next}
            open={open}
            isBusy={isBusy}
            isCurrent={isCurrent}
            onMake={() => void make(1)}
            onUnmake={(passId) => void unmake(passId)}
          />
        )}
        <div className="grid content-start gap-5 print:hidden">
          <PassList rows={rows} shownKey={row?.key ?? null} onShow={setChosen} />
          <MakeAll
            passes={state.plan.passes}
            isBusy={isBusy || !state.isCurrent}
            onMake={() => void make(state.plan.passes.length)}
          />
          <LeftOut plan={state.plan} />
          <LayoutForm />
        </div>
      </aside>
    </div>
  );
}

/** The answer to a question about another pass is none to this. */
function drawnOf(planned: PlannedPass | null, row: PassRow | null): PassOnBed | null {
  return planned && planned.pass.no === row?.no ? planned.pass : null;
}

/** Made passes first, as they were made; then those that would be made now. */
function rowsOf(state: SheetsState): readonly PassRow[] {
  if (state.kind !== 'ready') return [];
  return [
    ...state.made.map((pass) => ({
      key: `made-${pass.no}`,
      no: pass.no,
      made: pass,
      numPieces: pass.numPieces,
    })),
    ...state.plan.passes.map((pass) => ({
      key: `planned-${pass.no}`,
      no: pass.no,
      made: null,
      numPieces: piecesOf(pass).length,
    })),
  ];
}

interface PassOnBedViewProps {
  readonly pass: PassOnBed;
  readonly row: PassRow;
  readonly isCurrent: boolean;
  readonly isSearching: boolean;
}

function PassOnBedView({ pass, row, isCurrent, isSearching }: PassOnBedViewProps) {
  const { spec } = useRun();
  const [isTurned, setTurned] = useState(false);
  const numPieces = piecesOf(pass).length;
  const reversed = isReversed(pass);
  const lies = isTurned ? 'as it will be read' : reversed ? 'as it lies: reversed' : 'as it lies';
  return (
    <>
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1 className="text-xl font-bold">Pass {pass.no}</h1>
        <p>
          {materialsOf(spec, pass)}, {numPieces} {numPieces === 1 ? 'piece' : 'pieces'}, {stateWords(row, isCurrent)};{' '}
          <b>{lies}</b>
        </p>
        <span className="ml-auto">
          <PrintButton label="Print bed and slip" onPrint={() => window.print()} />
        </span>
        {reversed && (
          <Button className="print:hidden" onClick={() => setTurned(!isTurned)}>
            {isTurned ? 'Show it as it lies' : 'Show it as it will be read'}
          </Button>
        )}
      </div>
      <BedDrawing pass={pass} isTurned={isTurned} />
      {isSearching && isCurrent && !row.made && (
        <p className="mt-2 text-soft print:hidden">
          A shorter layout is looked for, and laid down here if there is one.
        </p>
      )}
    </>
  );
}

function stateWords({ made }: PassRow, isCurrent: boolean): string {
  if (made) return made.isUnmade ? 'unmade' : 'made';
  return isCurrent ? 'not made yet' : 'being laid out anew…';
}
