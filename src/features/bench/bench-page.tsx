'use client';

import { useState } from 'react';
import { useLetterKeys, useWork } from '@/client';
import { Notice, openKeyHelp, useKeys } from '@/ui';
import { BenchCurrent } from './bench-current';
import { BenchDeeds } from './bench-deeds';
import { BenchList } from './bench-list';
import { benchKeys } from './bench-keys';
import { toItemInHand, toJumpField } from './focus';
import { SpoilDialog } from './spoil-dialog';
import { useBench } from './use-bench';

/** The bench: the item in hand large, the next deed beside it, all items with their facets at the edge. */
export function BenchPage() {
  const { tally, undo, redo } = useWork().bench;
  const bench = useBench();
  const [isSpoiling, setSpoiling] = useState(false);
  const [hasLetters] = useLetterKeys();
  useKeys(benchKeys(bench, { onJump: toJumpField, onSpoil: () => setSpoiling(bench.current !== null), hasLetters }));
  const stopSpoiling = () => {
    setSpoiling(false);
    toItemInHand();
  };
  const { all, current, picked, message } = bench;
  if (all.length === 0) return <p className="p-6 text-lg">No items yet. Put names on the roster first.</p>;
  return (
    <>
      {message && <Notice severity="stop">{message}</Notice>}
      <div className="grid flex-1 md:grid-cols-[minmax(0,1fr)_340px] xl:grid-cols-[minmax(0,1fr)_340px_300px]">
        {current ? <BenchCurrent item={current} /> : <p className="p-6 text-lg">Nothing of this kind is left.</p>}
        {current ? (
          <BenchDeeds
            current={current}
            picked={picked}
            canUndo={undo !== null}
            canRedo={redo !== null}
            onMark={(stage) => void bench.mark(stage)}
            onMarkOn={(stage) => void bench.markOn(stage)}
            onSpoil={() => setSpoiling(true)}
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
        <BenchList bench={bench} tally={tally} />
      </div>
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
