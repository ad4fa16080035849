import type { Material } from '../shop';
import { type PressQuestion, pressFor } from './press-for';

type Film = Pick<Material, 'name' | 'kind'>;

/** Films at hand that are pressed on this as their card says, with no value borrowed or lowered; the film itself left out. */
export function otherFilms<F extends Film>(
  question: Omit<PressQuestion, 'material'>,
  film: Film,
  films: readonly F[],
): F[] {
  return films.filter((one) => {
    if (one.name === film.name) return false;
    const answer = pressFor({ ...question, material: one });
    return answer.kind === 'press' && !answer.isTrialFirst;
  });
}
