'use client';

import { useState } from 'react';
import { alikePieces, useLetterKeys, useWork } from '@/client';
import { Notice, openKeyHelp, useKeys } from '@/ui';
import { usePrint } from '@/parts/print';
import { AgainDialog } from './again-dialog';
import { BenchCurrent } from './bench-current';
import { BenchDeeds } from './bench-deeds';
import { BenchList } from './bench-list';
import { benchKeys } from './bench-keys';
import { againOptions } from './press-clocks';
import { useClocks } from './use-clocks';
import { toItemInHand, toJumpField } from './focus';
import { PrintedBench } from './printed-bench';
import { SpoilDialog } from './spoil-dialog';
import { useBench } from './use-bench';

/** The bench: the item in hand large, the next deed beside it, all items with their facets at the edge. */
export function BenchPage() {
  const { tally, undo, redo } = useWork().bench;
  const bench = useBench();
  const clocks = useClocks(bench);
  const options = bench.current ? againOptions(bench.current, clocks.places) : [];
  const [isAgain, setAgain] = useState(false);
  const onAgain = () => setAgain(options.length > 0);
  const onCount = () => void clocks.startNext();
  const [isSpoiling, setSpoiling] = useState(false);
  const [hasLetters] = useLetterKeys();
  useKeys(
    benchKeys(bench, {
      onJump: toJumpField,
      onSpoil: () => setSpoiling(bench.current !== null),
      onCount,
      onAgain,
      hasLetters,
    }),
  );
  const stopSpoiling = () => {
    setSpoiling(false);
    toItemInHand();
  };
  const stopAgain = () => {
    setAgain(false);
    toItemInHand();
  };
  const { all, current, picked } = bench;
  const message = bench.message ?? clocks.message;
  const { isPrinting, print } = usePrint();
  if (isPrinting) return <PrintedBench items={bench.items} />;
  if (all.length === 0) return <p className="p-6 text-lg">No items yet. Put names on the roster first.</p>;
  return (
    <>
      {message && <Notice severity="stop">{message}</Notice>}
      <div className="grid flex-1 md:grid-cols-[minmax(0,1fr)_340px] xl:grid-cols-[minmax(0,1fr)_340px_300px]">
        {current ? (
          <BenchCurrent item={current} alike={alikePieces(all)} clocks={clocks} onMarkPiece={bench.markPiece} />
        ) : (
          <p className="p-6 text-lg">Nothing of this kind is left.</p>
        )}
        {current ? (
          <BenchDeeds
            current={current}
            picked={picked}
            canUndo={undo !== null}
            canRedo={redo !== null}
            onMark={(stage) => void bench.mark(stage)}
            onMarkOn={(stage) => void bench.markOn(stage)}
            onSpoil={() => setSpoiling(true)}
            nextClock={clocks.next?.clock ?? null}
            onCount={onCount}
            onAgain={options.length > 0 ? onAgain : null}
            onUndo={() => void bench.undo()}
            onRedo={() => void bench.redo()}
            onHelp={openKeyHelp}
            passInHand={bench.passInHand}
            onMarkPass={(stage) => void bench.markPass(stage)}
            hasLetters={hasLetters}
          />
        ) : (
          <div />
        )}
        <BenchList bench={bench} tally={tally} onPrint={print} />
      </div>
      {isAgain && current && options.length > 0 && (
        <AgainDialog
          item={current}
          options={options}
          onClose={stopAgain}
          onAgain={(...again) => {
            stopAgain();
            void bench.pressAgain(...again);
          }}
        />
      )}
      {isSpoiling && (
        <SpoilDialog
          items={picked}
          onClose={stopSpoiling}
          onSpoil={(spoiled) => {
            stopSpoiling();
            void bench.spoil(spoiled);
          }}
        />
      )}
    </>
  );
}
