import { useQueries } from '@tanstack/react-query';
import type { FaceNeed } from '@/core/suits';
import type { FaceRow } from '@/services';
import { api } from './api';

/** So many are asked for at a time: the first is there at once, and nobody else waits long. */
const AT_A_TIME = 3;

export interface FaceRows {
  /** Those that are there, in the order that was asked for. */
  readonly rows: readonly FaceRow[];
  readonly numToCome: number;
  /** Those that nothing was answered for. */
  readonly numFailed: number;
}

/** Faces on texts, one after the other as they come. */
export function useFaceRows(faces: readonly string[], need: FaceNeed): FaceRows {
  const { texts, letterHeightMm, finest } = need;
  return useQueries({
    queries: faces.map((face) => ({
      queryKey: ['face-row', face, texts, letterHeightMm, finest],
      queryFn: () => inTurn(() => api.faceRow({ face, texts, letterHeightMm, finest })),
      enabled: texts.length > 0,
    })),
    combine: (answers) => {
      const settled = answers.flatMap(({ data }) => (data ? [data] : []));
      const rows = settled.flatMap((answer) => (answer.ok ? [answer.value] : []));
      return { rows, numToCome: answers.length - settled.length, numFailed: settled.length - rows.length };
    },
  });
}

let running = 0;
const waiting: (() => void)[] = [];

async function inTurn<T>(ask: () => Promise<T>): Promise<T> {
  if (running >= AT_A_TIME) await new Promise<void>((resolve) => waiting.push(resolve));
  running++;
  try {
    return await ask();
  } finally {
    running--;
    waiting.shift()?.();
  }
}
