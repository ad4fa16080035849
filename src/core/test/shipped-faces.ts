import { readFileSync } from 'node:fs';
import { type Face, loadFace } from '../faces';
import { presentOrThrow } from '../outcome';
import { SHIPPED_FACES, faceFilePath } from '../shop';

let loaded: Map<string, Face> | null = null;

/** Every shipped face, read from its file once per test file. */
export function shippedFaces(): (sha: string) => Face {
  loaded ??= new Map(
    SHIPPED_FACES.map(({ sha }) => {
      const face = loadFace(readFileSync(`public${faceFilePath(sha)}`));
      if (!face.ok) throw new Error(`${sha}: ${face.problem.kind}`);
      return [sha, face.value];
    }),
  );
  return (sha) => presentOrThrow(loaded?.get(sha), `face ${sha}`);
}
