'use client';

import { useRun } from '@/client';
import { Button, Notice } from '@/ui';

/** Whatever keeps the run from being saved or computed, said across the page with what can be done. */
export function RunNotices() {
  const { save, saver, fits, work } = useRun();
  const isGone = save.kind === 'serverGone' || work.isServerGone;
  return (
    <div aria-live="polite">
      {isGone && (
        <Notice severity="stop" actions={<Button onClick={() => void saver.flush()}>Try now</Button>}>
          <b>Knurl’s server does not answer.</b> {goneSentence(save.kind === 'serverGone', work.numWaiting)} Leave this
          page open and start the server: they are sent by themselves.
        </Notice>
      )}
      {save.kind === 'conflict' && (
        <Notice
          severity="stop"
          actions={
            <>
              <Button onClick={() => void saver.takeTheirs()}>Take the other state</Button>
              <Button weight="grave" onClick={() => void saver.keepMine()}>
                Keep mine
              </Button>
            </>
          }
        >
          <b>This run was changed somewhere else</b> since you opened it. Choose which state stays; your last change is
          not saved until then.
        </Notice>
      )}
      {save.kind === 'refused' && (
        <Notice
          severity="stop"
          actions={<Button onClick={() => void saver.takeTheirs()}>Back to the saved state</Button>}
        >
          <b>Not saved.</b> {save.detail}
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

function goneSentence(isSpecWaiting: boolean, numMarks: number): string {
  const marks = numMarks === 1 ? '1 mark' : `${numMarks} marks`;
  if (isSpecWaiting && numMarks > 0) return `Your last changes and ${marks} are not saved yet.`;
  return numMarks > 0 ? `${marks} not recorded yet.` : 'Your last changes are not saved yet.';
}
