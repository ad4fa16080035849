import { type Outcome, fail, ok } from '@/core/outcome';
import type { RunView } from '@/services';
import { api } from './api';
import { problemSentence } from './problem-sentence';

const BUNDLE_MARK = '"knurl-bundle"';

/** Takes in a run that was carried over as a file, or tells what is wrong with the file and what to do. */
export async function bringRunIn(file: Pick<File, 'name' | 'text'>): Promise<Outcome<RunView, string>> {
  const text = await file.text();
  if (!text.includes(BUNDLE_MARK)) {
    return fail(`“${file.name}” is no run that Knurl wrote. Choose a file that “Take this run along” gave.`);
  }
  const brought = await api.importBundle(text);
  if (brought.ok) return ok(brought.value);
  const { problem } = brought;
  const isBroken = problem.kind === 'refused' && problem.problem === 'brokenJson';
  return fail(
    isBroken
      ? `“${file.name}” is damaged or cut off, and nothing of it was taken in. Take the run along once more.`
      : `“${file.name}”: ${problemSentence(problem)}`,
  );
}
