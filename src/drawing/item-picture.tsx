import { useId } from 'react';
import { type Face, placeGeometry, seenItem } from '@/core/place';
import type { Blank, Photo, Variant } from '@/core/shop';
import { BlankForm, blankBounds } from './blank-form';
import type { Bounds } from './dimension-layout';
import type { DrawnLayer } from './drawn-layer';
import { Ink } from './ink';
import { SeenInk } from './seen-ink';

export interface InkedFace extends Face {
  readonly layers: readonly DrawnLayer[];
}

interface ItemPictureProps {
  readonly kind: Blank['kind'];
  readonly variant: Variant;
  /** What is seen together: see `facesSeenTogether`. */
  readonly faces: readonly InkedFace[];
  /** On it, instead of on the drawing, where the photo says how large it is and where the blank lies on it. */
  readonly photo?: Photo | null;
  /** What is cut is the item itself. */
  readonly isBare?: boolean;
  /** Left out: beside words that say it. */
  readonly label?: string;
  readonly className: string;
}

/** An item as it will be handed over: the thing in its colour, seen in use, with its lettering in the films' own colours. */
export function ItemPicture({
  kind,
  variant,
  faces,
  photo = null,
  isBare = false,
  label,
  className,
}: ItemPictureProps) {
  const shade = useId();
  const first = faces.at(0);
  if (!first) return null;
  const { body, taper, isRounded } = seenItem(variant, first.measured);
  // A photo shows it as it lies; round goods were not rolled out for it.
  const onPhoto = photo && first.measured.wrap?.kind !== 'round' ? photoFrame(photo) : null;
  const { left, top, right, bottom } = onPhoto ?? withMargin(blankBounds(kind, body), body);
  return (
    <svg
      viewBox={`${left} ${top} ${right - left} ${bottom - top}`}
      className={className}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {onPhoto && photo ? (
        <image
          href={`/api/photos/${photo.sha}`}
          x={left}
          y={top}
          width={right - left}
          height={bottom - top}
          preserveAspectRatio="none"
        />
      ) : (
        !isBare && <BlankForm kind={kind} body={body} hex={variant.colour.hex} taper={taper} />
      )}
      {faces.map(({ measured, layers }, i) => {
        const { leftMm, topMm } = placeGeometry(variant, measured);
        const { toItem, movedBy: moved } = seenItem(variant, measured);
        const movedBy = onPhoto ? [leftMm, topMm] : moved;
        return movedBy ? (
          <g key={i} transform={`translate(${movedBy[0]} ${movedBy[1]})`}>
            <Ink layers={layers} />
          </g>
        ) : (
          <SeenInk key={i} layers={layers} map={toItem} />
        );
      })}
      {isRounded && !onPhoto && (
        <>
          <linearGradient id={shade}>
            <stop offset="0" stopColor="#000" stopOpacity="0.34" />
            <stop offset="0.28" stopColor="#fff" stopOpacity="0.1" />
            <stop offset="0.5" stopColor="#fff" stopOpacity="0" />
            <stop offset="0.8" stopColor="#000" stopOpacity="0.06" />
            <stop offset="1" stopColor="#000" stopOpacity="0.38" />
          </linearGradient>
          <BlankForm kind={kind} body={body} hex={`url(#${shade})`} taper={taper} isShade />
        </>
      )}
    </svg>
  );
}

function withMargin(
  { left, top, right, bottom }: Bounds,
  { widthMm, heightMm }: { widthMm: number; heightMm: number },
) {
  const margin = Math.max(widthMm, heightMm) * 0.03;
  return { left: left - margin, top: top - margin, right: right + margin, bottom: bottom + margin };
}

/** Where a photo lies in the frame of the blank's body; null until its scale and the blank's corner were shown. */
function photoFrame({ widthPx, heightPx, mmPerPx, originPx }: Photo): Bounds | null {
  if (mmPerPx === null || !originPx) return null;
  const [left, top] = [-originPx.xPx * mmPerPx, -originPx.yPx * mmPerPx];
  return { left, top, right: left + widthPx * mmPerPx, bottom: top + heightPx * mmPerPx };
}
