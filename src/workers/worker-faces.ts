import { type Face, OpenFaces, loadFace } from '@/core/faces';
import { faceUrl, isShippedFace, partsOfFaceKey } from '@/core/shop';

/** How long it waits before it asks a server that is gone again. */
const RETRY_MS = 1500;

/** Files by hash; null for one that the server does not have either. */
const files = new Map<string, Uint8Array | null>();

const faces = new OpenFaces((key) => {
  const { sha, axes } = partsOfFaceKey(key);
  const bytes = files.get(sha);
  if (bytes === undefined) throw new Error(`face ${sha} was not fetched`);
  return bytes && loadFace(bytes, axes);
});

export function faceOf(key: string): Face {
  return faces.of(key);
}

/** Fetches faces that are not here yet. False as soon as nobody waits for them any more. */
export async function haveFaces(keys: Iterable<string>, isCurrent: () => boolean): Promise<boolean> {
  const shas = new Set([...keys].map((key) => partsOfFaceKey(key).sha));
  for (const sha of shas) if (!(await haveFile(sha, isCurrent))) return false;
  return true;
}

/** Fetches a file once; while the server is gone it is asked again, as long as somebody waits. False: nobody does. */
async function haveFile(sha: string, isCurrent: () => boolean): Promise<boolean> {
  while (!files.has(sha)) {
    const found = await fetchFile(sha);
    if (found !== 'gone') files.set(sha, found);
    else {
      await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      if (!isCurrent()) return false;
    }
  }
  return true;
}

/** `gone`: the server does not answer. Null: it has no such face, as when a run was brought along without it. */
async function fetchFile(sha: string): Promise<Uint8Array | null | 'gone'> {
  const response = await fetch(new URL(faceUrl(sha), self.location.origin)).catch(() => null);
  if (!response) return 'gone';
  if (response.status === 404 && !isShippedFace(sha)) return null;
  if (!response.ok) throw new Error(`face ${sha}: the server answered ${response.status}`);
  return new Uint8Array(await response.arrayBuffer());
}
