import type { PassHead } from '../freeze';
import { type RunSpec, findBed } from '../spec';

/** What the first pass of a run is frozen with. */
export function aHead(spec: RunSpec): PassHead {
  return {
    passId: 'abcdefghij',
    no: 1,
    version: '1',
    bed: findBed(spec, spec.layout.bedId),
    forAct: null,
    seed: spec.layout.seed,
  };
}
