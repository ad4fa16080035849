import type { FaceChoice } from '../shop';
import type { RunSpec } from './run-spec';

/** Every face that a run's letterings, its wordings and its single letters name, with what one that did not ship is called. */
export function facesUsed({ shop, uses, overrides }: Pick<RunSpec, 'shop' | 'uses' | 'overrides'>): FaceChoice[] {
  const named: readonly { readonly face?: string | null | undefined; readonly faceName?: string | undefined }[] = [
    ...shop.letterings.flatMap(({ value }) => value.lines),
    ...uses.flatMap(({ places }) => places.flatMap(({ wording }) => wording?.lines.flatMap(({ runs }) => runs) ?? [])),
    ...overrides.flatMap(({ set }) => (set.kind === 'letters' ? set.letters : [])),
  ];
  return named.flatMap(({ face, faceName }) =>
    face === null || face === undefined ? [] : { face, ...(faceName ? { faceName } : {}) },
  );
}
