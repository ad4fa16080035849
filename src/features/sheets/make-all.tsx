'use client';

import { useState } from 'react';
import { useFits, useRun } from '@/client';
import { asksOf } from '@/core/figures';
import { proofTally } from '@/core/wording';
import type { PassOnBed } from '@/services';
import { Button } from '@/ui';
import { openFilmsOf, piecesOf } from './drawn-pass';

interface MakeAllProps {
  readonly passes: readonly PassOnBed[];
  readonly isBusy: boolean;
  readonly onMake: () => void;
}

/** All planned passes at once: asked once, with what is open in the run. */
export function MakeAll({ passes, isBusy, onMake }: MakeAllProps) {
  const { spec } = useRun();
  const fits = useFits();
  const [isAsking, setAsking] = useState(false);
  const numPieces = passes.reduce((sum, pass) => sum + piecesOf(pass).length, 0);
  const numOpen = (fits.last?.fits ?? []).filter((fit) => asksOf(fit).length > 0).length;
  const { numTicked, numTexts } = proofTally(spec);
  // Which film is laid is asked pass by pass.
  if (passes.length < 2 || passes.some((pass) => openFilmsOf(spec, pass).length > 0)) return null;
  const words = `all ${passes.length} passes`;
  if (!isAsking) {
    return (
      <Button disabled={isBusy} onClick={() => setAsking(true)}>
        Make {words}…
      </Button>
    );
  }
  return (
    <div role="group" aria-label={`Make ${words}?`} className="grid gap-2 border border-rule-strong bg-white p-3">
      <p>
        <b>
          Make {words}, {numPieces} pieces?
        </b>{' '}
        {numOpen === 0
          ? 'Nothing wants a decision'
          : `${numOpen} ${numOpen === 1 ? 'text wants' : 'texts want'} a look`}
        ; {numTicked} of {numTexts} are ticked on the proof. Each keeps its outlines and positions for good.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button
          weight="main"
          disabled={isBusy}
          onClick={() => {
            setAsking(false);
            onMake();
          }}
        >
          {isBusy ? 'Making…' : 'Make them all'}
        </Button>
        <Button onClick={() => setAsking(false)}>Not yet</Button>
      </div>
    </div>
  );
}
