'use client';

import type { ReactNode } from 'react';
import { useLengths } from '@/client';
import { placeGeometry } from '@/core/place';
import type { LengthUnit } from '@/core/units';
import type { DrawnLayer } from '@/drawing';
import { Choice, Notice } from '@/ui';
import { BlankDrawing } from './blank-drawing';
import { CentringFields } from './centring-fields';
import { ClearFields } from './clear-fields';
import type { PlaceEdit } from './edit';
import { LiesFields } from './lies-fields';
import { PhotoTrace } from './photo-trace';
import { RoundDrawing } from './round-drawing';
import { SeenPicture } from './seen-picture';
import { problemWords } from './sentences';
import { ShapeFields } from './shape-fields';
import { Suggestions } from './suggestions';
import { useChangePlace } from './use-change-place';
import { VariantFields } from './variant-fields';
import { WrapFields } from './wrap-fields';

interface PlaceEditorProps {
  readonly edit: PlaceEdit;
  /** What is drawn in the place; empty where there is no text, as in the shop. */
  readonly ink: readonly DrawnLayer[];
  /** Below the drawing. */
  readonly children?: ReactNode;
}

/** One place: its measures on the left, the drawing that follows them, and how it will be seen on the right. */
export function PlaceEditor({ edit, ink, children }: PlaceEditorProps) {
  const { unit, setUnit, exact } = useLengths();
  const { changePlace } = useChangePlace(edit);
  const { measured, variant, role, isMirrored } = edit;
  const { problems, isInscribed, usable } = placeGeometry(variant, measured);
  const isRound = measured.wrap?.kind === 'round';
  return (
    <div className="grid flex-1 lg:grid-cols-[330px_minmax(0,1fr)_330px]">
      <section className="grid content-start gap-5 border-r border-rule-strong bg-paper p-5">
        <Choice
          label="Measured in"
          options={[
            { id: 'mm', label: 'millimetres' },
            { id: 'inch', label: 'inches, such as 7 1/16' },
          ]}
          value={unit}
          onChange={(id) => setUnit(id as LengthUnit)}
        />
        {isMirrored && (
          <p className="border-l-4 border-note bg-note-tint px-3 py-1.5">
            The mirror image of its twin. Type or pull a measure, and it has measures of its own.
          </p>
        )}
        <div>
          <h2 className="heading-small mb-1">Place: {role.name}</h2>
          <ShapeFields
            what="place"
            shape={measured.outline}
            isBox={isRound}
            onChange={(outline) => changePlace({ outline })}
          />
        </div>
        <LiesFields edit={edit} />
        <ClearFields edit={edit} />
        <VariantFields edit={edit} />
      </section>
      <section className="grid min-w-0 content-start gap-4 p-5">
        {problems.map((problem, i) => (
          <Notice key={i} severity={problem.severity}>
            {problemWords(problem, exact)}
          </Notice>
        ))}
        {isRound ? <RoundDrawing edit={edit} ink={ink} /> : <BlankDrawing edit={edit} ink={ink} />}
        {isInscribed && usable && (
          <p className="text-soft">
            Lettering follows this outline. The largest upright rectangle in it, where smaller texts are aimed, is{' '}
            <span className="measure">
              {exact(Math.floor(usable.widthMm * 10) / 10)} by {exact(Math.floor(usable.heightMm * 10) / 10)}
            </span>
            .
          </p>
        )}
        {children}
      </section>
      <section className="grid content-start gap-5 border-l border-rule-strong bg-paper p-5">
        <Suggestions edit={edit} />
        <WrapFields edit={edit} />
        <SeenPicture edit={edit} ink={ink} />
        {!isRound && <CentringFields edit={edit} />}
        <PhotoTrace edit={edit} ink={ink} />
      </section>
    </div>
  );
}
