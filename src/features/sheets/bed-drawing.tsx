import { useId } from 'react';
import { HOUSE } from '@/core/tokens';
import { useLengths, useRun } from '@/client';
import { DimensionLine, FilmPattern, type MaterialLook, filmsOf, pieceOn } from '@/drawing';
import type { PassOnBed, PatchOnBed } from '@/services';
import { piecesOf } from './drawn-pass';

interface BedDrawingProps {
  readonly pass: PassOnBed;
  /** Turned over, as the lettering will be read. */
  readonly isTurned: boolean;
}

/** The bed as a dimensioned drawing: the material that is laid down, the pieces on it as they lie. */
export function BedDrawing({ pass, isTurned }: BedDrawingProps) {
  const { exact: whole } = useLengths();
  const { spec } = useRun();
  const { bed, patches } = pass;
  const filmOf = filmsOf(spec.shop.materials);
  const textSize = Math.max(bed.widthMm / 42, bed.heightMm / 46);
  const room = textSize * 2.8;
  return (
    <svg
      role="img"
      aria-label={`Pass ${pass.no} on the bed of ${whole(bed.widthMm)} by ${whole(bed.heightMm)}: ${piecesOf(pass).length} pieces`}
      viewBox={`${-room} ${-room} ${bed.widthMm + room * 1.4} ${bed.heightMm + room * 1.4}`}
      className="max-h-[max(320px,calc(100vh-250px))] w-full"
    >
      <rect
        width={bed.widthMm}
        height={bed.heightMm}
        fill="none"
        stroke={HOUSE.ink}
        strokeWidth="0.4"
        strokeDasharray="3 2"
      />
      <DimensionLine
        from={[0, -room / 2]}
        to={[bed.widthMm, -room / 2]}
        label={whole(bed.widthMm)}
        textSize={textSize}
      />
      {patches.map((patch, i) => (
        <g key={i}>
          <PatchDrawing patch={patch} look={filmOf(patch.materialId)} isTurned={isTurned} />
          <DimensionLine
            from={[-room / 2, patch.yMm]}
            to={[-room / 2, patch.yMm + patch.heightMm]}
            label={whole(patch.heightMm)}
            textSize={textSize}
          />
        </g>
      ))}
    </svg>
  );
}

interface PatchDrawingProps {
  readonly patch: PatchOnBed;
  readonly look: MaterialLook;
  readonly isTurned: boolean;
}

function PatchDrawing({ patch, look, isTurned }: PatchDrawingProps) {
  const id = useId();
  const { hex } = look;
  const { xMm, yMm, widthMm, heightMm, pieces } = patch;
  const turn = isTurned && patch.isReversed ? `translate(${2 * xMm + widthMm} 0) scale(-1 1)` : '';
  return (
    <>
      <FilmPattern id={id} look={look} mmPerUnit={1} />
      <rect x={xMm} y={yMm} width={widthMm} height={heightMm} fill={hex} stroke={HOUSE.ink} strokeWidth="0.4" />
      {look.finish !== 'plain' && (
        // Paler than in hand, so that the pieces on it stay in sight.
        <rect x={xMm} y={yMm} width={widthMm} height={heightMm} fill={`url(#${id})`} fillOpacity="0.45" />
      )}
      <g transform={turn} fill={pieceOn(hex)} fillRule="evenodd">
        {pieces.map(({ pieceId, attempt, text, path }) => (
          <path key={`${pieceId}#${attempt}`} d={path ?? ''} data-testid="piece" data-piece={pieceId}>
            <title>{attempt > 1 ? `${text.join(' ')}, cutting ${attempt}` : text.join(' ')}</title>
          </path>
        ))}
      </g>
      <g transform={turn} fill="none" stroke={hex} strokeWidth="0.4">
        {pieces.map(({ pieceId, attempt, linesPath }) =>
          linesPath ? <path key={`${pieceId}#${attempt}`} d={linesPath} data-testid="lines" /> : null,
        )}
      </g>
    </>
  );
}
