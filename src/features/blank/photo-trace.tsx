'use client';

import { useState } from 'react';
import { keepPhotoFile } from '@/client';
import type { Photo } from '@/core/shop';
import { Button, FileButton, Notice } from '@/ui';
import type { PlaceEdit } from './edit';
import { TraceSurface } from './trace-surface';

/** A to-scale photo of the blank: two points of a known distance, then the corners of the place. */
export function PhotoTrace({ edit }: { readonly edit: PlaceEdit }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const { photo } = edit.blank;
  const put = (next: Photo | null) => edit.changeBlank((blank) => ({ ...blank, photo: next }));
  const take = async (file: File) => {
    setBusy(true);
    const kept = await keepPhotoFile(file);
    setBusy(false);
    setProblem(kept.ok ? null : kept.problem);
    if (kept.ok) put({ ...kept.value, mmPerPx: null });
  };
  return (
    <section className="grid gap-2" aria-label="Photo">
      <h2 className="heading-small">Traced on a photo</h2>
      {problem && <Notice severity="stop">{problem}</Notice>}
      <div className="flex flex-wrap gap-2">
        <FileButton
          label="Photo of the blank"
          accept="image/jpeg,image/png,image/webp"
          onFile={(file) => void take(file)}
        >
          {photo ? 'Another photo…' : 'Take a photo…'}
        </FileButton>
        {photo && <Button onClick={() => put(null)}>Without the photo</Button>}
      </div>
      {isBusy && <p>Making it smaller…</p>}
      {photo ? (
        <TraceSurface key={photo.sha} edit={edit} photo={photo} />
      ) : (
        <p className="text-soft">
          From straight above, with a ruler or anything of known length in it. It is made smaller, and what the camera
          wrote into it is left out.
        </p>
      )}
    </section>
  );
}
