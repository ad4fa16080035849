import type { FormedLetters } from '../artwork';
import type { Finding } from '../finding';
import { strokeContrast } from '../measures';
import type { MeasuredFit } from './measure-findings';

/** A form that makes thick strokes thicker against thin ones than so, as the letters are drawn, spoils them. */
export const MOST_STRETCH = 1.6;

/** How many times as thick thick strokes are as thin ones: of the letters by themselves, and in their form. */
export interface Strokes {
  readonly drawn: number;
  readonly formed: number;
}

const known = new WeakMap<FormedLetters, Strokes | null>();

/** Null where there is nothing to compare. */
export function strokesOf(letters: FormedLetters): Strokes | null {
  const before = known.get(letters);
  if (before !== undefined) return before;
  const { capHeight } = letters;
  const [drawn, formed] = [strokeContrast(letters.drawn, capHeight), strokeContrast(letters.formed, capHeight)];
  const strokes = drawn !== null && formed !== null ? { drawn, formed } : null;
  known.set(letters, strokes);
  return strokes;
}

/** Forms whose letters are cut through where they cross have no strokes to compare. */
export function strokeFindings({ artwork, slot }: Pick<MeasuredFit, 'artwork' | 'slot'>): Finding[] {
  const shape = slot.form.monogram?.shape;
  if (!shape || shape === 'interlaced') return [];
  return artwork.formed.flatMap(({ line, letters }): Finding[] => {
    const strokes = strokesOf(letters);
    const times = strokes ? strokes.formed / strokes.drawn : 1;
    if (times <= MOST_STRETCH) return [];
    return [{ kind: 'strokesUneven', severity: 'check', shape, times, most: MOST_STRETCH, at: { line } }];
  });
}
