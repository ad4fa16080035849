'use client';

import { HOUSE } from '@/core/tokens';
import { useLengths } from '@/client';
import { type PlaceGeometry, type SeenAcross, placeGeometry, seenMap, slantMm } from '@/core/place';
import type { Wrap } from '@/core/shop';
import { DimensionLine, type DrawnLayer, inkLook, movedPath, rectSteps, ringPath } from '@/drawing';
import type { PlaceEdit } from './edit';
import { FromAbove } from './from-above';

interface SeenPictureProps {
  readonly edit: PlaceEdit;
  readonly ink: readonly DrawnLayer[];
}

/** The item in use, from the front, with its lettering as it will look; for what rounds off also from above. */
export function SeenPicture({ edit: { variant, measured }, ink }: SeenPictureProps) {
  const { exact: figure } = useLengths();
  const geometry = placeGeometry(variant, measured);
  const { wrap } = measured;
  if (!wrap || wrap.kind === 'folded') return null;
  const map = seenMap(variant, measured);
  const { seen, usable } = geometry;
  const body = bodyInUse(wrap, geometry, measured.datum.dropMm);
  const used = usable ? rectSteps(usable).map(([x, y]) => map(x, y)) : [];
  const wide = body.halfMm * 1.1;
  const text = Math.max(wide * 2, body.aboveMm + body.belowMm) / 15;
  return (
    <section className="grid gap-2" aria-label="As it will be seen">
      <h2 className="heading-small">From the front, in use</h2>
      <svg
        role="img"
        aria-label={`In use the lettering has ${figure(spanOf(used))} across`}
        viewBox={`${-wide} ${-body.aboveMm - text * 2} ${2 * wide} ${body.aboveMm + body.belowMm + text * 2.4}`}
        className="max-h-[260px] w-full"
      >
        <path d={body.path} fill={variant.colour.hex} stroke={HOUSE.ruleStrong} strokeWidth={text / 14} />
        {used.length > 0 && (
          <path
            d={ringPath(used)}
            fill="none"
            stroke={HOUSE.ruleStrong}
            strokeWidth={text / 16}
            strokeDasharray={`${text / 4}`}
          />
        )}
        {ink.map((layer, i) => (
          <path key={i} d={movedPath(layer, map)} {...inkLook({ ...layer, mmPerUnit: 1 })} />
        ))}
        <DimensionLine
          from={[-body.halfMm, -body.aboveMm - text]}
          to={[body.halfMm, -body.aboveMm - text]}
          label={figure(2 * body.halfMm)}
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

interface BodyInUse {
  readonly path: string;
  readonly halfMm: number;
  /** How far it is drawn above and below the place's top. */
  readonly aboveMm: number;
  readonly belowMm: number;
}

/** Round goods as a whole, cloth as far as it stands around the place. */
function bodyInUse(wrap: Wrap, { body, box, topMm, seen }: PlaceGeometry, dropMm: number): BodyInUse {
  if (wrap.kind === 'round') {
    const aboveMm = (dropMm * wrap.heightMm) / slantMm(wrap);
    const belowMm = wrap.heightMm - aboveMm;
    const [top, bottom] = [wrap.topMm / 2, wrap.bottomMm / 2];
    const path = `M${-top} ${-aboveMm}H${top}L${bottom} ${belowMm}H${-bottom}Z`;
    return { path, halfMm: Math.max(top, bottom), aboveMm, belowMm };
  }
  const halfMm = halfAcross(wrap, body.widthMm / 2, seen);
  const aboveMm = Math.max(0, Math.min(topMm, box.heightMm * 0.8));
  const belowMm = Math.min(body.heightMm - topMm, box.heightMm * 1.8);
  return { path: `M${-halfMm} ${-aboveMm}H${halfMm}V${belowMm}H${-halfMm}Z`, halfMm, aboveMm, belowMm };
}

function halfAcross(wrap: Wrap, flatMm: number, seen: SeenAcross | null): number {
  if (wrap.kind === 'filled' && seen) return seen.acrossMm;
  return wrap.kind === 'stretched' ? flatMm * (1 + wrap.acrossPct / 100) : flatMm;
}

function spanOf(points: readonly (readonly [number, number])[]): number {
  const xs = points.map(([x]) => x);
  return points.length === 0 ? 0 : Math.max(...xs) - Math.min(...xs);
}
