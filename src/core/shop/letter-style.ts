import { presentOrThrow } from '../outcome';
import type { Bend, CaseForm, Lettering, LetteringForm, LetterStyle, LineStand } from './shop-schema';
import { SHIPPED_FACES, isShippedFace } from './shipped-faces';

/** Line n takes style n; the last one repeats. */
export function styleOf({ lines }: Pick<Lettering, 'lines'>, no: number): LetterStyle {
  return presentOrThrow(lines[no] ?? lines.at(-1), 'a style of the lettering');
}

/** Only what a lettering says of how its lines stand and run; bent as asked where that is said, null for straight lines. */
export function formOf({ stack, monogram, bend: own }: LetteringForm, asked?: Bend | null): LetteringForm {
  const bend = asked === undefined ? own : asked;
  return { ...(stack ? { stack } : {}), ...(monogram ? { monogram } : {}), ...(bend ? { bend } : {}) };
}

/** Only what a style says of how its line stands beside others. */
export function lineStandOf({ sizeShare, gapAboveShare, above }: LineStand): LineStand {
  return {
    ...(sizeShare === undefined || sizeShare === 1 ? {} : { sizeShare }),
    ...(gapAboveShare === undefined ? {} : { gapAboveShare }),
    ...(above === undefined ? {} : { above }),
  };
}

/** What the styles of a lettering have in common. */
export interface CommonStyle {
  /** Names of its faces, each once, in the order of the lines. */
  readonly faceNames: readonly string[];
  /** Null where they differ. */
  readonly caseForm: CaseForm | null;
  readonly trackingEm: number | null;
  /** Zero where none is asked for. */
  readonly leastGapShare: number | null;
}

/** Keys of its faces that did not ship with the program, each once. */
export function ownFacesOf({ lines }: Pick<Lettering, 'lines'>): string[] {
  return [...new Set(lines.map(({ face }) => face))].filter((face) => !isShippedFace(face));
}

/** What a face is called, whether it shipped or was brought in. */
export function faceNameOf({
  face,
  faceName,
}: {
  readonly face: string;
  readonly faceName?: string | undefined;
}): string {
  return faceName ?? SHIPPED_FACES.find(({ sha }) => sha === face)?.name ?? 'a face of another shop';
}

export function commonStyle({ lines }: Lettering): CommonStyle {
  return {
    faceNames: [...new Set(lines.map(faceNameOf))],
    caseForm: only(lines.map(({ caseForm }) => caseForm)),
    trackingEm: only(lines.map(({ trackingEm }) => trackingEm)),
    leastGapShare: only(lines.map(({ leastGapShare }) => leastGapShare ?? 0)),
  };
}

/** The one value; null where there are several. */
function only<T>(values: readonly T[]): T | null {
  const different = new Set(values);
  const [value] = different;
  return different.size === 1 && value !== undefined ? value : null;
}
