'use client';

import Link from 'next/link';
import { useState } from 'react';
import { useFits, useRun, useWork } from '@/client';
import { Button, Notice } from '@/ui';
import { ConflictNotice } from './conflict-notice';
import { RemovedNotice } from './removed-notice';

/** Whatever keeps the run from being saved or computed, said across the page with what can be done. */
export function RunNotices() {
  const { save, saver, numUnsaved, numTakenUp, turnedDown, dismissTurnedDown } = useRun();
  const fits = useFits();
  const work = useWork();
  const [isTold, setTold] = useState(false);
  const [copyId, setCopyId] = useState<string | null>(null);
  const isGone = save.kind === 'serverGone' || work.isServerGone;
  const trouble = (save.kind === 'serverGone' ? save.why : null) ?? work.trouble;
  const tryNow = () => {
    work.queue.tryNow();
    void saver.flush();
  };
  return (
    <div aria-live="polite">
      {isGone && (
        <Notice severity="stop" actions={<Button onClick={tryNow}>Try now</Button>}>
          {trouble ? (
            <>
              <b>Knurl cannot keep this now.</b> {trouble}
            </>
          ) : (
            <b>Knurl’s server does not answer.</b>
          )}{' '}
          {waitingSentence(numUnsaved, work.numWaiting)}
        </Notice>
      )}
      {save.kind === 'conflict' && <ConflictNotice conflicts={save.conflicts} onCopied={setCopyId} />}
      {save.kind === 'removed' && copyId === null && <RemovedNotice onCopied={setCopyId} />}
      {copyId !== null && (
        <Notice severity="note" actions={<Button onClick={() => setCopyId(null)}>Good</Button>}>
          Your state is{' '}
          <Link href={`/runs/${copyId}`} className="font-semibold text-link">
            a run of its own
          </Link>{' '}
          now{save.kind === 'removed' ? '.' : '; this one goes on with the other.'}
        </Notice>
      )}
      {save.kind === 'refused' && (
        <Notice
          severity="stop"
          actions={<Button onClick={() => void saver.dropMine()}>Back to the saved state</Button>}
        >
          <b>Not saved.</b> {save.detail}
        </Notice>
      )}
      {turnedDown !== null && (
        <Notice severity="stop" actions={<Button onClick={dismissTurnedDown}>Good</Button>}>
          <b>Left as it was.</b> {turnedDown}
        </Notice>
      )}
      {work.refusals.length > 0 && (
        <Notice severity="stop" actions={<Button onClick={work.queue.dismissRefusals}>Read</Button>}>
          <b>Marks that had waited in this browser could not be recorded:</b> {work.refusals.join(' ')} Look at those
          items and mark them again.
        </Notice>
      )}
      {numTakenUp > 0 && !isTold && (
        <Notice severity="note" actions={<Button onClick={() => setTold(true)}>Good</Button>}>
          {numTakenUp === 1 ? 'A change' : `${numTakenUp} changes`} from an earlier visit had not reached the server and{' '}
          {numTakenUp === 1 ? 'is' : 'are'} part of the run again.
        </Notice>
      )}
      {fits.kind === 'failed' && (
        <Notice severity="stop" actions={<Button onClick={() => location.reload()}>Load again</Button>}>
          <b>The fits could not be computed</b> ({fits.message}). Nothing is lost.
        </Notice>
      )}
    </div>
  );
}

/** `3 changes and 2 marks are not saved yet. They are kept…` */
function waitingSentence(numChanges: number, numMarks: number): string {
  const changes = numChanges === 1 ? '1 change' : `${numChanges} changes`;
  const marks = numMarks === 1 ? '1 mark' : `${numMarks} marks`;
  const waiting = [...(numChanges > 0 ? [changes] : []), ...(numMarks > 0 ? [marks] : [])];
  if (waiting.length === 0) return 'Nothing waits so far.';
  const isOne = numChanges + numMarks === 1;
  return `${waiting.join(' and ')} ${isOne ? 'is' : 'are'} not saved yet. ${isOne ? 'It is' : 'They are'} kept in this browser and sent as soon as it answers, also when this page is closed in between.`;
}
