import { useQueries } from '@tanstack/react-query';
import type { FaceNeed } from '@/core/suits';
import type { FaceRow } from '@/services';
import { api } from './api';
import { type Asked, againIn } from './api-query';
import { Turns } from './turns';

/** So many are asked for at a time: the first is there at once, and nobody else waits long. */
const turns = new Turns(3);

export interface FaceRows {
  /** Those that are there, in the order that was asked for. */
  readonly rows: readonly FaceRow[];
  readonly numToCome: number;
  /** Those that nothing was answered for; they are asked for again. */
  readonly numFailed: number;
}

/** Faces on texts, one after the other as they come. What was asked before the texts or their height changed is given up. */
export function useFaceRows(faces: readonly string[], need: FaceNeed): FaceRows {
  const { texts, letterHeightMm, finest } = need;
  return useQueries({
    queries: [...new Set(faces)].map((face) => ({
      queryKey: ['face-row', face, texts, letterHeightMm, finest],
      queryFn: ({ signal }: { readonly signal: AbortSignal }) =>
        turns.take(signal, () => api.faceRow({ face, texts, letterHeightMm, finest })),
      enabled: texts.length > 0,
      refetchInterval: (asked: Asked<unknown>) => againIn(asked),
    })),
    combine: (answers) => {
      const settled = answers.flatMap(({ data }) => (data ? [data] : []));
      const rows = settled.flatMap((answer) => (answer.ok ? [answer.value] : []));
      return { rows, numToCome: answers.length - settled.length, numFailed: settled.length - rows.length };
    },
  });
}
