import type { Motif } from '@/core/shop';
import { islandsPath } from './ring-path';

interface MotifDrawingProps {
  readonly motif: Motif;
  /** What a part is drawn in; null: it is left out. Undefined: as it was drawn. */
  readonly hexOf?: (part: number) => string | null;
  readonly className?: string;
}

/** A motif as it stands in its frame. */
export function MotifDrawing({ motif, hexOf, className }: MotifDrawingProps) {
  const { width, height } = sizeOf(motif);
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className={className} aria-hidden>
      {motif.parts.map(({ hex, outline }, part) => {
        const fill = hexOf ? hexOf(part) : hex;
        return fill && <path key={part} d={islandsPath(outline)} fill={fill} fillRule="evenodd" />;
      })}
    </svg>
  );
}

function sizeOf({ parts }: Motif): { readonly width: number; readonly height: number } {
  let [width, height] = [0, 0];
  for (const ring of parts.flatMap(({ outline }) => outline.flat())) {
    for (let i = 0; i < ring.length; i += 2) {
      width = Math.max(width, ring[i]!);
      height = Math.max(height, ring[i + 1]!);
    }
  }
  return { width, height };
}
