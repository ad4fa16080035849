import { type FaceOf, drawArtwork } from '@/core/artwork';
import { pathData } from '@/core/cutfile';
import { type Lettering, styleOf } from '@/core/shop';
import { lineInCase } from '@/core/wording';

export interface SampleRequest {
  readonly lettering: Lettering;
  readonly text: string;
}

/** A text in a lettering as it would be cut; null without ink. */
export interface SampleAnswer {
  /** SVG path, y down. */
  readonly path: string;
  /** Its ink, in the same units. */
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
}

/** One line in the first style of a lettering: for the shop, which knows no run. */
export function sampleOf({ lettering, text }: SampleRequest, faceOf: FaceOf): SampleAnswer | null {
  const { face, caseForm, trackingEm, features } = styleOf(lettering, 0);
  const line = lineInCase(
    { no: 0, text, runs: [{ text, colourSlot: null, face: null, isTall: false }] },
    caseForm,
    'en',
  );
  const runs = line.runs.map((run) => ({
    text: run.text,
    colourSlot: 'main',
    face,
    trackingEm,
    features,
    isTall: false,
  }));
  const layers = [{ colourSlot: 'main', make: { kind: 'text' as const } }];
  const { outline, inkBox } = drawArtwork({ leadFace: face, lines: [{ no: 0, runs }], layers, widthShare: 1 }, faceOf);
  if (!inkBox) return null;
  const { minX, minY, maxX, maxY } = inkBox;
  // As the path is written: whole numbers of 0.1 µm become millimetres.
  const unit = 1e-4;
  return {
    path: pathData(outline),
    box: { x: minX * unit, y: minY * unit, width: (maxX - minX) * unit, height: (maxY - minY) * unit },
  };
}
