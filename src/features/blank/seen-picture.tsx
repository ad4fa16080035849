'use client';

import { ringPath, useLengths } from '@/client';
import { type SeenAcross, placeGeometry, seenMap } from '@/core/place';
import type { Wrap } from '@/core/run';
import { DimensionLine } from '@/ui';
import { type DrawnInk, movedPath, rectSteps } from './drawn-ink';
import type { PlaceEdit } from './edit';

interface SeenPictureProps {
  readonly edit: PlaceEdit;
  readonly ink: DrawnInk | null;
}

/** The item in use, from the front, with its lettering as it will look; for what rounds off also from above. */
export function SeenPicture({ edit: { variant, measured }, ink }: SeenPictureProps) {
  const { exact: figure } = useLengths();
  const geometry = placeGeometry(variant, measured);
  const { wrap } = measured;
  if (!wrap || wrap.kind === 'folded') return null;
  const map = seenMap(variant, measured);
  const { box, seen, usable, topMm } = geometry;
  const around = rectSteps({ xMm: 0, yMm: 0, ...box }).map(([x, y]) => map(x, y));
  const xs = around.map(([x]) => x);
  const halfBody =
    wrap.kind === 'round' ? Math.max(wrap.topMm, wrap.bottomMm) / 2 : halfWidth(geometry.body.widthMm, wrap, seen);
  const wide = Math.max(halfBody, ...xs.map(Math.abs)) * 1.08;
  const text = wide / 11;
  const above = Math.min(topMm, box.heightMm * 0.8);
  const inkPath = ink ? movedPath(ink, map) : null;
  const used = usable ? rectSteps(usable).map(([x, y]) => map(x, y)) : [];
  return (
    <section className="grid gap-2" aria-label="As it will be seen">
      <h2 className="heading-small">From the front, in use</h2>
      <svg
        role="img"
        aria-label={`In use the lettering appears ${figure(spanOf(used))} wide`}
        viewBox={`${-wide} ${-above - text * 2} ${2 * wide} ${above + box.heightMm * 1.8 + text * 2.5}`}
        className="max-h-[220px] w-full"
      >
        <path d={bodyPath(wrap, halfBody, above, box.heightMm * 1.8)} fill={variant.colour.hex} />
        {used.length > 0 && (
          <path
            d={ringPath(used)}
            fill="none"
            stroke="#8d8776"
            strokeWidth={text / 16}
            strokeDasharray={`${text / 4}`}
          />
        )}
        {inkPath && ink && <path d={inkPath} fill={ink.film} fillRule="evenodd" />}
        <DimensionLine
          from={[-halfBody, -above - text]}
          to={[halfBody, -above - text]}
          label={figure(2 * halfBody)}
          textSize={text}
        />
      </svg>
      {seen && <FromAbove seen={seen} />}
      {usable && (
        <p className="text-soft">
          Room for lettering: <span className="measure">{figure(usable.widthMm)}</span> on the flat, seen as{' '}
          <span className="measure">{figure(spanOf(used))}</span>.
        </p>
      )}
    </section>
  );
}

/** The body as far as the picture shows it; round goods narrow towards their base or rim. */
function bodyPath(wrap: Wrap, half: number, above: number, below: number): string {
  if (wrap.kind !== 'round') return `M${-half} ${-above}H${half}V${below}H${-half}Z`;
  const [top, bottom] = [wrap.topMm / 2, wrap.bottomMm / 2];
  return `M${-top} ${-above}H${top}L${bottom} ${below}H${-bottom}Z`;
}

function halfWidth(flatMm: number, wrap: Wrap, seen: SeenAcross | null): number {
  if (wrap.kind === 'filled' && seen) return seen.acrossMm;
  return (flatMm / 2) * (wrap.kind === 'stretched' ? 1 + wrap.acrossPct / 100 : 1);
}

function spanOf(points: readonly (readonly [number, number])[]): number {
  const xs = points.map(([x]) => x);
  return points.length === 0 ? 0 : Math.max(...xs) - Math.min(...xs);
}

/** The body cut through, with the arc that is read well in the colour of action. */
function FromAbove({ seen }: { readonly seen: SeenAcross }) {
  const { exact: figure } = useLengths();
  const { acrossMm: a, depthMm: b, seenMm, clothMm } = seen;
  const wide = a * 1.1;
  const text = wide / 11;
  const half = seenMm / 2;
  const y = b * Math.sqrt(Math.max(0, 1 - (half / a) ** 2));
  return (
    <>
      <h2 className="heading-small">From above</h2>
      <svg
        role="img"
        aria-label={`Cut through: ${figure(2 * a)} wide and ${figure(2 * b)} deep; ${figure(clothMm)} of the front face the viewer`}
        viewBox={`${-wide} ${-b - text} ${2 * wide} ${2 * b + text * 3.4}`}
        className="max-h-[150px] w-full"
      >
        <ellipse rx={a} ry={b} fill="#f4efe3" stroke="#8d8470" strokeWidth={text / 12} />
        <path d={`M${-half} ${y}A${a} ${b} 0 0 0 ${half} ${y}`} fill="none" stroke="#17655e" strokeWidth={text / 3} />
        <DimensionLine
          from={[-half, b + text * 1.4]}
          to={[half, b + text * 1.4]}
          label={figure(seenMm)}
          textSize={text}
        />
      </svg>
    </>
  );
}
