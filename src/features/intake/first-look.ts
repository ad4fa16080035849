import { listQuestions } from '@/core/roster';
import type { RunSpec } from '@/core/spec';
import type { Intake } from './use-intake';

const MOST_TEXTS = 3;
/** As much of a text as samples of letterings take. */
const MOST_CHARACTERS = 60;

/** The first names of a list on its way in. */
export function firstTexts({ lines }: Pick<Intake, 'lines'>): readonly string[] {
  const texts = lines.map(({ text }) => text.trim().slice(0, MOST_CHARACTERS)).filter((text) => text !== '');
  return [...new Set(texts)].slice(0, MOST_TEXTS);
}

/** Where a new run is looked at first: on Roster where its list asks something, else as it will be cut. */
export function firstStep(spec: RunSpec): 'roster' | 'fit' {
  return listQuestions(spec).length > 0 ? 'roster' : 'fit';
}
