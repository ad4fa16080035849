'use client';

import { useState } from 'react';
import { useLengths } from '@/client';
import { tracedPlace } from '@/core/place';
import { MOST_CORNERS, type Photo } from '@/core/shop';
import { Button, Choice, DialogCard, LengthField } from '@/ui';
import type { PlaceEdit } from './edit';
import { TraceSurface } from './trace-surface';
import { useChangePlace } from './use-change-place';
import { type TraceStep, useTrace } from './use-trace';

interface TraceDialogProps {
  readonly edit: PlaceEdit;
  readonly photo: Photo;
  readonly onClose: () => void;
}

/** A photo of the blank, large: its scale, where the blank begins on it, then the corners of the place, shape and position at once. */
export function TraceDialog({ edit, photo, onClose }: TraceDialogProps) {
  const { unit, exact } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const put = (part: Partial<Photo>) =>
    edit.changeBlank((blank) => (blank.photo ? { ...blank, photo: { ...blank.photo, ...part } } : blank));
  const trace = useTrace(photo, ([xPx, yPx]) => put({ originPx: { xPx, yPx } }));
  const [knownMm, setKnownMm] = useState(100);
  const { scalePoints, corners, step } = trace;
  const { widthPx, heightPx, mmPerPx, originPx } = photo;
  const [a, b] = scalePoints;
  const distancePx = a && b ? Math.hypot(a[0] - b[0], a[1] - b[1]) : 0;
  const setScale = () => {
    put({ mmPerPx: knownMm / distancePx });
    trace.setStep('origin');
  };
  const take = () => {
    const traced = tracedPlace(edit.measured, photo, corners);
    if (traced) changePlace(traced);
    onClose();
  };
  return (
    <DialogCard title={`Traced on a photo: ${edit.role.name}`} tone="work" isFull isOpen onClose={onClose}>
      <div className="grid gap-5 xl:grid-cols-[minmax(900px,1fr)_240px]">
        <TraceSurface photo={photo} trace={trace} />
        <div className="grid content-start gap-4">
          <Choice
            label="Next point is for"
            options={[
              { id: 'scale', label: 'the scale' },
              { id: 'origin', label: 'where the blank begins' },
              { id: 'corners', label: 'a corner of the place' },
            ]}
            value={step}
            onChange={(id) => trace.setStep(id as TraceStep)}
          />
          <p>
            {step === 'scale' && 'Two points, and how far apart they are.'}
            {step === 'origin' && 'The blank’s top left corner: where its upper edge and its left edge meet.'}
            {step === 'corners' && 'The corners of the place, one after another.'}
          </p>
          {step === 'scale' && (
            <>
              <LengthField
                label="Distance of the two points"
                unit={unit}
                value={knownMm}
                min={5}
                max={5000}
                onChange={setKnownMm}
              />
              <Button disabled={distancePx < 10} onClick={setScale}>
                That is the scale
              </Button>
            </>
          )}
          <p className="text-soft">
            {mmPerPx === null
              ? 'No scale yet.'
              : `The photo shows ${exact(Math.round(widthPx * mmPerPx))} by ${exact(Math.round(heightPx * mmPerPx))}.`}{' '}
            {corners.length} {corners.length === 1 ? 'corner' : 'corners'} set.{' '}
            {originPx
              ? 'Shape and position are taken.'
              : 'Until it is shown where the blank begins, only the shape is taken.'}
          </p>
          <div className="flex flex-wrap gap-2">
            <Button onClick={() => trace.zoomBy(1.5)}>Nearer</Button>
            <Button onClick={() => trace.zoomBy(1 / 1.5)}>Farther</Button>
            <Button onClick={trace.seeAll}>All of it</Button>
          </div>
          <Button onClick={trace.takeBack} disabled={(step === 'scale' ? scalePoints : corners).length === 0}>
            Last point back
          </Button>
          <Button
            weight="main"
            disabled={mmPerPx === null || corners.length < 3 || corners.length > MOST_CORNERS}
            onClick={take}
          >
            Take as the place
          </Button>
          <Button onClick={onClose}>Leave it as it is</Button>
        </div>
      </div>
    </DialogCard>
  );
}
