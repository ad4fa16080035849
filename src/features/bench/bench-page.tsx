'use client';

import { useState } from 'react';
import { useRun } from '@/client';
import { Notice } from '@/ui';
import { BenchCurrent } from './bench-current';
import { BenchDeeds } from './bench-deeds';
import { BenchList } from './bench-list';
import { SpoilDialog } from './spoil-dialog';
import { useBench } from './use-bench';
import { useBenchKeys } from './use-bench-keys';

/** The bench: the item in hand large, the next deed beside it, all items with their facets at the edge. */
export function BenchPage() {
  const { work } = useRun();
  const bench = useBench();
  const [isSpoiling, setSpoiling] = useState(false);
  useBenchKeys(bench, () => setSpoiling(true));
  const { current, picked, message } = bench;
  if (!current) return <p className="p-6 text-lg">No items yet. Put names on the roster first.</p>;
  return (
    <>
      {message && <Notice severity={message.isProblem ? 'stop' : 'note'}>{message.text}</Notice>}
      <div className="grid flex-1 md:grid-cols-[minmax(0,1fr)_340px] xl:grid-cols-[minmax(0,1fr)_340px_300px]">
        <BenchCurrent item={current} />
        <BenchDeeds
          current={current}
          picked={picked}
          canUndo={work.bench.undo !== null}
          canRedo={work.bench.redo !== null}
          onMark={(stage) => void bench.mark(stage)}
          onSpoil={() => setSpoiling(true)}
          onUndo={() => void bench.undo()}
          onRedo={() => void bench.redo()}
        />
        <BenchList bench={bench} tally={work.bench.tally} />
      </div>
      <SpoilDialog
        items={picked}
        isOpen={isSpoiling}
        onClose={() => setSpoiling(false)}
        onSpoil={(reason, note, blankLost) => {
          setSpoiling(false);
          void bench.spoil(reason, note, blankLost);
        }}
      />
    </>
  );
}
