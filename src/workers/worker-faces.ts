import { type Face, loadFace } from '@/core/faces';
import { presentOrThrow } from '@/core/outcome';
import { faceFilePath } from '@/core/shop';

/** How long it waits before it asks a server that is gone again. */
const RETRY_MS = 1500;

const faces = new Map<string, Face>();

export function faceOf(sha: string): Face {
  return presentOrThrow(faces.get(sha), `face ${sha}`);
}

/** Fetches faces that are not here yet. False as soon as nobody waits for them any more. */
export async function haveFaces(shas: Iterable<string>, isCurrent: () => boolean): Promise<boolean> {
  for (const sha of new Set(shas)) if (!(await haveFace(sha, isCurrent))) return false;
  return true;
}

/** Fetches a face once; while the server is gone it is asked again, as long as somebody waits. False: nobody does. */
async function haveFace(sha: string, isCurrent: () => boolean): Promise<boolean> {
  while (!faces.has(sha)) {
    const bytes = await fetchFace(sha);
    if (bytes) {
      const face = loadFace(bytes);
      if (!face.ok) throw new Error(`face ${sha}: ${face.problem.kind}`);
      faces.set(sha, face.value);
    } else {
      await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      if (!isCurrent()) return false;
    }
  }
  return true;
}

/** Null when the server does not answer. */
async function fetchFace(sha: string): Promise<Uint8Array | null> {
  const response = await fetch(new URL(faceFilePath(sha), self.location.origin)).catch(() => null);
  if (!response) return null;
  if (!response.ok) throw new Error(`face ${sha}: the server answered ${response.status}`);
  return new Uint8Array(await response.arrayBuffer());
}
