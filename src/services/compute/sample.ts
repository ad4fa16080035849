import { type FaceOf, drawArtwork } from '@/core/artwork';
import { pathData } from '@/core/cutfile';
import { type Lettering, formOf, styleOf } from '@/core/shop';
import { lineInCase } from '@/core/wording';

export interface SampleRequest {
  readonly lettering: Lettering;
  /** Lines are parted by line breaks. */
  readonly text: string;
  /** Its first line is a monogram. */
  readonly isMonogram?: boolean;
}

/** A text in a lettering as it would be cut; null without ink. */
export interface SampleAnswer {
  /** SVG path, y down. */
  readonly path: string;
  /** Its ink, in the same units. */
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
}

/** A text in the styles and the form of a lettering: for whoever chooses one, with or without a run. */
export function sampleOf({ lettering, text, isMonogram = false }: SampleRequest, faceOf: FaceOf): SampleAnswer | null {
  const lines = text
    .split('\n')
    .map((words, no) => sampleLine(lettering, words, { no, isMonogram: isMonogram && no === 0 }));
  const layers = [{ colourSlot: 'main', make: { kind: 'text' as const } }];
  const leadFace = styleOf(lettering, 0).face;
  const { outline, inkBox } = drawArtwork({ leadFace, lines, form: formOf(lettering), layers, widthShare: 1 }, faceOf);
  if (!inkBox) return null;
  const { minX, minY, maxX, maxY } = inkBox;
  // As the path is written: whole numbers of 0.1 µm become millimetres.
  const unit = 1e-4;
  return {
    path: pathData(outline),
    box: { x: minX * unit, y: minY * unit, width: (maxX - minX) * unit, height: (maxY - minY) * unit },
  };
}

function sampleLine(
  lettering: Lettering,
  words: string,
  { no, isMonogram }: { readonly no: number; readonly isMonogram: boolean },
) {
  const { face, caseForm, trackingEm, features, sizeShare = 1 } = styleOf(lettering, no);
  const run = { text: words, colourSlot: null, face: null, isTall: false };
  const line = lineInCase({ no, text: words, runs: [run] }, caseForm, 'en');
  const runs = line.runs.map((one) => ({
    text: one.text,
    colourSlot: 'main',
    face,
    trackingEm,
    features,
    isTall: false,
    ...(isMonogram ? { isMonogram } : {}),
  }));
  return { no, sizeShare, runs };
}
