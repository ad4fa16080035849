'use client';

import { HOUSE } from '@/core/tokens';
import { useLengths } from '@/client';
import { placeGeometry, seenItem } from '@/core/place';
import { BlankForm, DimensionLine, type DrawnLayer, SeenInk, rectSteps, ringPath } from '@/drawing';
import type { PlaceEdit } from './edit';
import { FromAbove } from './from-above';

interface SeenPictureProps {
  readonly edit: PlaceEdit;
  readonly ink: readonly DrawnLayer[];
}

/** The item in use, from the front, with its lettering as it will look; for what rounds off also from above. */
export function SeenPicture({ edit: { blank, variant, measured }, ink }: SeenPictureProps) {
  const { exact: figure } = useLengths();
  const { seen, usable, box } = placeGeometry(variant, measured);
  const { wrap } = measured;
  if (!wrap || wrap.kind === 'folded') return null;
  const { body, taper, toItem } = seenItem(variant, measured);
  const used = usable ? rectSteps(usable).map(([x, y]) => toItem(x, y)) : [];
  const text = Math.max(body.widthMm, Math.min(body.heightMm, box.heightMm * 3)) / 15;
  // Of cloth as much as stands around the place; round goods as a whole.
  const [, top] = toItem(0, 0);
  const isWhole = wrap.kind === 'round';
  const from = isWhole ? 0 : Math.max(0, top - box.heightMm * 0.8);
  const to = isWhole ? body.heightMm : Math.min(body.heightMm, top + box.heightMm * 1.8);
  return (
    <section className="grid gap-2" aria-label="As it will be seen">
      <h2 className="heading-small">From the front, in use</h2>
      <svg
        role="img"
        aria-label={`In use the lettering has ${figure(spanOf(used))} across`}
        viewBox={`${-0.08 * body.widthMm} ${from - text * 0.4} ${1.16 * body.widthMm} ${to - from + text * 2.4}`}
        className="max-h-[260px] w-full"
      >
        <BlankForm kind={blank.kind} body={body} hex={variant.colour.hex} taper={taper} />
        {used.length > 0 && (
          <path
            d={ringPath(used)}
            fill="none"
            stroke={HOUSE.ruleStrong}
            strokeWidth={text / 16}
            strokeDasharray={`${text / 4}`}
          />
        )}
        <SeenInk layers={ink} map={toItem} />
        <DimensionLine
          from={[0, to + text]}
          to={[body.widthMm, to + text]}
          label={figure(body.widthMm)}
          textSize={text}
        />
      </svg>
      {seen && <FromAbove seen={seen} />}
      {usable && (
        <p className="text-soft">
          Room for lettering: <span className="measure">{figure(Math.floor(usable.widthMm * 10) / 10)}</span> on the
          flat, seen as <span className="measure">{figure(spanOf(used))}</span>.
        </p>
      )}
    </section>
  );
}

function spanOf(points: readonly (readonly [number, number])[]): number {
  const xs = points.map(([x]) => x);
  return points.length === 0 ? 0 : Math.max(...xs) - Math.min(...xs);
}
