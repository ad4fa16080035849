'use client';

import { useState } from 'react';
import { randomBytes, useRun } from '@/client';
import { type MainPlace, dropMotif, mayTakeMotif, takeMotif } from '@/core/edit';
import type { Copy, Motif } from '@/core/shop';
import { MOST_RUN_MOTIFS } from '@/core/spec';
import { Button, Notice } from '@/ui';
import { MotifFields } from './motif-fields';
import { MotifPicker } from './motif-picker';

/** The shape beside the text of a place, or instead of it. */
export function MotifPanel({ place }: { readonly place: MainPlace }) {
  const { spec, change } = useRun();
  const [isPicking, setPicking] = useState(false);
  const [isFull, setFull] = useState(false);
  const { at, placeUse } = place;
  const { motif: use } = placeUse;
  const motif = spec.shop.motifs.find(({ id }) => id === use?.motifId)?.value;
  const take = (copy: Copy<Motif>) => {
    setFull(!mayTakeMotif(spec, at, copy.id));
    change((now) => takeMotif(now, at, copy, randomBytes));
    setPicking(false);
  };
  return (
    <section className="grid gap-2" aria-label="Motif">
      <h3 className="heading-small">Motif</h3>
      {isFull && (
        <Notice severity="stop">
          A run has at most {MOST_RUN_MOTIFS} motifs, and this one has them. Take one that another place has, or one
          away there.
        </Notice>
      )}
      {use && motif && <MotifFields place={place} use={use} motif={motif} />}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setPicking(true)}>{use ? 'Another motif…' : 'Add a motif…'}</Button>
        {use && <Button onClick={() => change((now) => dropMotif(now, at))}>Without it</Button>}
      </div>
      {isPicking && <MotifPicker onTake={take} onClose={() => setPicking(false)} />}
    </section>
  );
}
