import type { FormedLetters } from '../artwork';
import type { Finding } from '../finding';
import { strokeContrast } from '../measures';
import type { MeasuredFit } from './measure-findings';

/** A form that makes thick strokes thicker against thin ones than so, as the letters are drawn, spoils them. */
export const MOST_STRETCH = 1.6;

const known = new WeakMap<FormedLetters, number | null>();

/** How many times as much the strokes of letters differ in their form as by themselves; null where there is nothing to compare. */
export function stretchOf(letters: FormedLetters): number | null {
  const before = known.get(letters);
  if (before !== undefined) return before;
  const { drawn, formed, capHeight } = letters;
  const [own, now] = [strokeContrast(drawn, capHeight), strokeContrast(formed, capHeight)];
  const stretch = own !== null && now !== null ? now / own : null;
  known.set(letters, stretch);
  return stretch;
}

/** Forms whose letters are cut through where they cross have no strokes to compare. */
export function strokeFindings({ artwork, slot }: Pick<MeasuredFit, 'artwork' | 'slot'>): Finding[] {
  const shape = slot.form.monogram?.shape;
  if (!shape || shape === 'interlaced') return [];
  return artwork.formed.flatMap(({ line, letters }): Finding[] => {
    const times = stretchOf(letters);
    if (times === null || times <= MOST_STRETCH) return [];
    return [{ kind: 'strokesUneven', severity: 'check', shape, times, most: MOST_STRETCH, at: { line } }];
  });
}
