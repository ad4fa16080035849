'use client';

import { type ShownFit, useShownLayers } from '@/client';
import { Ink, asRead, boxOfLayers } from '@/drawing';

/** True size would be about 3.8; no text is drawn larger than this. */
export const PX_PER_MM = 2.6;
/** Between letters that go on blanks of their own. */
const GAP_MM = 4;
const AROUND_MM = 3;

interface ProofDrawingProps {
  /** One text, or its letters on blanks of their own. */
  readonly shown: readonly ShownFit[];
  readonly pxPerMm: number;
  readonly cloth: string;
  readonly words: string;
}

/** Lettering as it reads, each layer in the colour of its own film. */
export function ProofDrawing({ shown, pxPerMm, cloth, words }: ProofDrawingProps) {
  const parts = useShownLayers(shown).map(({ layers }) => {
    const own = asRead(layers);
    return { layers: own, ...(boxOfLayers(own) ?? { widthMm: 0, heightMm: 0 }) };
  });
  const heightMm = Math.max(1, ...parts.map((part) => part.heightMm));
  const widthMm = parts.reduce((sum, part) => sum + part.widthMm, 0) + GAP_MM * Math.max(0, parts.length - 1);
  const lefts = parts.map((_, i) => parts.slice(0, i).reduce((sum, part) => sum + part.widthMm + GAP_MM, 0));
  return (
    <svg
      role="img"
      aria-label={`${words} as it is cut`}
      className="max-w-full"
      width={(widthMm + 2 * AROUND_MM) * pxPerMm}
      height={(heightMm + 2 * AROUND_MM) * pxPerMm}
      viewBox={`${-AROUND_MM} ${-AROUND_MM} ${widthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
      style={{ background: cloth }}
    >
      {parts.map((part, i) => (
        <g key={i} transform={`translate(${lefts[i]} ${heightMm - part.heightMm})`}>
          <Ink layers={part.layers} />
        </g>
      ))}
    </svg>
  );
}
