import { type FaceOf, drawArtwork } from '@/core/artwork';
import { pathData } from '@/core/cutfile';
import { type FaceAlternate, isOtherwise } from '@/core/faces';
import { faceFacts } from '@/core/face-facts';
import { type Lettering, NEW_LETTERING, formOf, lineStandOf, styleOf, withAlternate } from '@/core/shop';
import type { FaceFacts, FaceRequest } from '@/core/suits';
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
  /** What it shows: a screen may have another text by the time. */
  readonly text: string;
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
    text,
    path: pathData(outline),
    box: { x: minX * unit, y: minY * unit, width: (maxX - minX) * unit, height: (maxY - minY) * unit },
  };
}

/** A set of other letters of a lettering's face, on a text in which it tells. */
export interface AlternateSample extends FaceAlternate {
  /** The text with it. */
  readonly sample: SampleAnswer | null;
}

/** What the face of the first line offers for the letters of a text: only what would be cut otherwise. */
export function alternateSamples({ lettering, text }: SampleRequest, faceOf: FaceOf): readonly AlternateSample[] {
  const face = faceOf(styleOf(lettering, 0).face);
  const shaped = (features: readonly string[]) => face.shape(text, features, 0);
  return face.alternates.flatMap(({ feature, name }): AlternateSample[] => {
    const without = withAlternate(lettering, feature, false);
    const features = styleOf(without, 0).features;
    if (!isOtherwise(shaped(features), shaped([...features, feature]))) return [];
    return [{ feature, name, sample: sampleOf({ lettering: withAlternate(without, feature, true), text }, faceOf) }];
  });
}

/** A face on the texts that it is to cut: drawn, each in its own units, and measured. */
export interface FaceRow {
  readonly facts: FaceFacts;
  /** In the order of the texts; null without ink. */
  readonly samples: readonly (SampleAnswer | null)[];
}

/** A face drawn and measured on texts, in the lettering that has nothing but that face. */
export function faceRow(request: FaceRequest, faceOf: FaceOf): FaceRow {
  const { face, texts } = request;
  const lettering = { ...NEW_LETTERING, lines: [{ face, caseForm: 'asTyped' as const, trackingEm: 0, features: [] }] };
  return { facts: faceFacts(request, faceOf), samples: texts.map((text) => sampleOf({ lettering, text }, faceOf)) };
}

function sampleLine(
  lettering: Lettering,
  words: string,
  { no, isMonogram }: { readonly no: number; readonly isMonogram: boolean },
) {
  const style = styleOf(lettering, no);
  const { face, caseForm, trackingEm, features, leastGapShare } = style;
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
    ...(leastGapShare === undefined ? {} : { leastGapShare }),
  }));
  return { no, ...lineStandOf(style), runs };
}
