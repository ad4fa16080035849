'use client';

import { useState } from 'react';
import { keepPhotoFile } from '@/client';
import type { Photo } from '@/core/shop';
import { type DrawnLayer, ItemPicture } from '@/drawing';
import { Button, FileButton, Notice } from '@/ui';
import type { PlaceEdit } from './edit';
import { TraceDialog } from './trace-dialog';

interface PhotoTraceProps {
  readonly edit: PlaceEdit;
  readonly ink: readonly DrawnLayer[];
}

/** A to-scale photo of the blank, on which the place is traced, and which shows the lettering where it will be. */
export function PhotoTrace({ edit, ink }: PhotoTraceProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const [isTracing, setTracing] = useState(false);
  const { photo } = edit.blank;
  const put = (next: Photo | null) => edit.changeBlank((blank) => ({ ...blank, photo: next }));
  const take = async (file: File) => {
    setBusy(true);
    const kept = await keepPhotoFile(file);
    setBusy(false);
    setProblem(kept.ok ? null : kept.problem);
    if (!kept.ok) return;
    put({ ...kept.value, mmPerPx: null });
    setTracing(true);
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
        {photo && (
          <>
            <Button weight="main" onClick={() => setTracing(true)}>
              Trace the place…
            </Button>
            <Button onClick={() => put(null)}>Without the photo</Button>
          </>
        )}
      </div>
      {isBusy && <p>Making it smaller…</p>}
      {photo ? (
        <>
          <SeenOnPhoto edit={edit} ink={ink} photo={photo} />
          {isTracing && <TraceDialog edit={edit} photo={photo} onClose={() => setTracing(false)} />}
        </>
      ) : (
        <p className="text-soft">
          From straight above, with a ruler or anything of known length in it. It is made smaller, and what the camera
          wrote into it is left out.
        </p>
      )}
    </section>
  );
}

interface SeenOnPhotoProps extends PhotoTraceProps {
  readonly photo: Photo;
}

/** The longest text on the photo; before its scale and corner are known, the photo alone. */
function SeenOnPhoto({ edit: { blank, variant, role, measured }, ink, photo }: SeenOnPhotoProps) {
  if (photo.mmPerPx === null || !photo.originPx) {
    return (
      <p className="text-soft">
        It has no {photo.mmPerPx === null ? 'scale' : 'corner of the blank'} yet: trace the place to say it.
      </p>
    );
  }
  return (
    <ItemPicture
      kind={blank.kind}
      variant={variant}
      faces={[{ side: role.side, measured, layers: ink }]}
      photo={photo}
      label="The lettering on the photo"
      className="w-full border border-rule-strong"
    />
  );
}
