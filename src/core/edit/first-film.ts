import { contrastProblem } from '../colour';
import type { Blank, Copy, Material, MaterialKind } from '../shop';

/** What is cut for hard goods sticks by itself; all else has film pressed on. */
const ON_HARD_GOODS: readonly MaterialKind[] = ['adhesiveFilm'];
const PRESSED_ON: readonly MaterialKind[] = ['standardFilm', 'stretchFilm'];

/**
 * The film that a run on a blank of this colour begins with: of those that are put on it, the first that is told from it, else the first;
 * undefined where there is none for it.
 */
export function firstFilm(
  films: readonly Copy<Material>[],
  { fabricClass }: Pick<Blank, 'fabricClass'>,
  blankHex: string,
): Copy<Material> | undefined {
  const kinds = fabricClass === 'hardCoated' ? ON_HARD_GOODS : PRESSED_ON;
  const usual = films.filter(({ value }) => kinds.includes(value.kind));
  return usual.find(({ value }) => contrastProblem(value.colour.hex, blankHex) === null) ?? usual.at(0);
}
