'use client';

import type { Lettering } from '@/core/shop';
import type { AlternateSample, SampleAnswer } from '@/services';
import { letMessagesIn } from '@/workers/slices';
import { api } from './api';
import { useApiQuery } from './api-query';
import { Turns } from './turns';

/** A page asks for dozens: each request takes the page some milliseconds to send. */
const turns = new Turns(2);

/** A text as a lettering would cut it, of several lines or with a monogram for the first; null while it is drawn, and without ink. */
export function useLetteringSample(lettering: Lettering, text: string, isMonogram = false): SampleAnswer | null {
  const { lines, stack, monogram, bend } = lettering;
  const { value } = useApiQuery({
    key: ['lettering-sample', lines, stack, monogram, bend, text, isMonogram],
    ask: ({ signal }) =>
      turns.take(signal, async () => {
        // In a task of its own: dozens sent in the task of a click would hold it up.
        await letMessagesIn();
        return api.letteringSample(lettering, text, isMonogram);
      }),
    isKept: true,
  });
  return value?.sample ?? null;
}

/** Other letters that the first line's face has for those of a text, each drawn with them; none while they are not there. */
export function useAlternates(lettering: Lettering, text: string): readonly AlternateSample[] {
  const { lines, stack, monogram, bend } = lettering;
  const { value } = useApiQuery({
    key: ['lettering-alternates', lines, stack, monogram, bend, text],
    ask: async () => {
      await letMessagesIn();
      return api.letteringAlternates(lettering, text);
    },
    isKept: true,
  });
  return value?.alternates ?? [];
}
