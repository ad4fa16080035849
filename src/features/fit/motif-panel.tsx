'use client';

import { useState } from 'react';
import { randomBytes, useRun } from '@/client';
import { type MainPlace, dropMotif, takeMotif } from '@/core/edit';
import type { Copy, Motif } from '@/core/shop';
import { Button } from '@/ui';
import { MotifFields } from './motif-fields';
import { MotifPicker } from './motif-picker';

/** The shape beside the text of a place, or instead of it. */
export function MotifPanel({ place }: { readonly place: MainPlace }) {
  const { spec, change } = useRun();
  const [isPicking, setPicking] = useState(false);
  const { at, placeUse } = place;
  const { motif: use } = placeUse;
  const motif = spec.shop.motifs.find(({ id }) => id === use?.motifId)?.value;
  const take = (copy: Copy<Motif>) => {
    change((now) => takeMotif(now, at, copy, randomBytes));
    setPicking(false);
  };
  return (
    <section className="grid gap-2" aria-label="Motif">
      <h3 className="heading-small">Motif</h3>
      {use && motif && <MotifFields place={place} use={use} motif={motif} />}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setPicking(true)}>{use ? 'Another motif…' : 'Add a motif…'}</Button>
        {use && <Button onClick={() => change((now) => dropMotif(now, at))}>Without it</Button>}
      </div>
      {isPicking && <MotifPicker onTake={take} onClose={() => setPicking(false)} />}
    </section>
  );
}
