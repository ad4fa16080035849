import { presentOrThrow } from '../outcome';
import type { Bend, CaseForm, Lettering, LetteringForm, LetterStyle } from './shop-schema';
import { SHIPPED_FACES, type ShippedFace } from './shipped-faces';

/** Line n takes style n; the last one repeats. */
export function styleOf({ lines }: Lettering, no: number): LetterStyle {
  return presentOrThrow(lines[no] ?? lines.at(-1), 'a style of the lettering');
}

/** Only what a lettering says of how its lines stand and run; bent as asked where that is said, null for straight lines. */
export function formOf({ stack, monogram, bend: own }: LetteringForm, asked?: Bend | null): LetteringForm {
  const bend = asked === undefined ? own : asked;
  return { ...(stack ? { stack } : {}), ...(monogram ? { monogram } : {}), ...(bend ? { bend } : {}) };
}

/** What the styles of a lettering have in common. */
export interface CommonStyle {
  /** Each once, in the order of the lines; a face that does not ship is left out. */
  readonly faces: readonly ShippedFace[];
  /** Null where they differ. */
  readonly caseForm: CaseForm | null;
  readonly trackingEm: number | null;
}

/** Every face of it is one that can be drawn. */
export function hasShippedFaces({ lines }: Pick<Lettering, 'lines'>): boolean {
  return lines.every(({ face }) => SHIPPED_FACES.some(({ sha }) => sha === face));
}

export function commonStyle({ lines }: Lettering): CommonStyle {
  const shas = new Set(lines.map(({ face }) => face));
  return {
    faces: [...shas].flatMap((sha) => SHIPPED_FACES.find((face) => face.sha === sha) ?? []),
    caseForm: only(lines.map(({ caseForm }) => caseForm)),
    trackingEm: only(lines.map(({ trackingEm }) => trackingEm)),
  };
}

/** The one value; null where there are several. */
function only<T>(values: readonly T[]): T | null {
  const different = new Set(values);
  const [value] = different;
  return different.size === 1 && value !== undefined ? value : null;
}
