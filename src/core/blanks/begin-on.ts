import { changeMaterial, firstFilm, mainPlace, placesOf, takeLettering } from '../edit';
import type { Copy, Lettering } from '../shop';
import type { RunSpec } from '../spec';
import { type BlankCopy, replaceBlank } from './take-blank';

/** What a run is begun with; null: as a bare run has it. */
export interface Beginning {
  readonly blank: BlankCopy | null;
  readonly lettering: Copy<Lettering> | null;
}

/** A bare run on a blank, in a film that is told from it, and in a lettering: the same for the run that is made and for what is shown before. */
export function beginOn(spec: RunSpec, { blank, lettering }: Beginning): RunSpec {
  const onBlank = blank ? inFirstFilm(replaceBlank(spec, mainPlace(spec).at.useId, blank)) : spec;
  return lettering ? takeLettering(onBlank, null, lettering) : onBlank;
}

/** Every place in the film that is told from its blank. */
function inFirstFilm(spec: RunSpec): RunSpec {
  const { blank, variant } = mainPlace(spec);
  const film = firstFilm(spec.shop.materials, blank, variant.colour.hex);
  return film ? placesOf(spec).reduce((now, { at }) => changeMaterial(now, at, film.id), spec) : spec;
}
