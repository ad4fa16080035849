'use client';

import { useState } from 'react';
import { useWork } from '@/client';
import { Notice } from '@/ui';
import { BenchCurrent } from './bench-current';
import { BenchDeeds } from './bench-deeds';
import { BenchList } from './bench-list';
import { KeyHelp } from './key-help';
import { SpoilDialog } from './spoil-dialog';
import { useBench } from './use-bench';
import { useBenchKeys } from './use-bench-keys';
import { useLetterKeys } from './use-letter-keys';

/** The bench: the item in hand large, the next deed beside it, all items with their facets at the edge. */
export function BenchPage() {
  const { tally, undo, redo } = useWork().bench;
  const bench = useBench();
  const [isSpoiling, setSpoiling] = useState(false);
  const [isHelping, setHelping] = useState(false);
  const [hasLetters] = useLetterKeys();
  useBenchKeys(bench, { onSpoil: () => setSpoiling(true), onHelp: () => setHelping(true), hasLetters });
  const { all, current, picked, message } = bench;
  if (all.length === 0) return <p className="p-6 text-lg">No items yet. Put names on the roster first.</p>;
  return (
    <>
      {message && <Notice severity={message.isProblem ? 'stop' : 'note'}>{message.text}</Notice>}
      <div className="grid flex-1 md:grid-cols-[minmax(0,1fr)_340px] xl:grid-cols-[minmax(0,1fr)_340px_300px]">
        {current ? <BenchCurrent item={current} /> : <p className="p-6 text-lg">Nothing of this kind is left.</p>}
        {current ? (
          <BenchDeeds
            current={current}
            picked={picked}
            canUndo={undo !== null}
            canRedo={redo !== null}
            onMark={(stage) => void bench.mark(stage)}
            onSpoil={() => setSpoiling(true)}
            onUndo={() => void bench.undo()}
            onRedo={() => void bench.redo()}
            onHelp={() => setHelping(true)}
            hasLetters={hasLetters}
          />
        ) : (
          <div />
        )}
        <BenchList bench={bench} tally={tally} />
      </div>
      <KeyHelp items={all} isOpen={isHelping} onClose={() => setHelping(false)} />
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
