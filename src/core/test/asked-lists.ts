import { guessMapping, mapTable, tableOf } from '../intake';
import { type AnswerId, type QuestionKind, answerQuestion, answersOf, entriesFromList, listQuestions } from '../roster';
import type { RunSpec } from '../spec';
import { aRun } from './a-run';
import { seededBytes } from './seeded-bytes';

/** For tests: runs of whole tables, what their lists ask, and answers to it. */

export const means = { hasWork: () => false, randomBytes: seededBytes(5) };

export function runOf(rows: string[][]): RunSpec {
  const table = tableOf(rows);
  return { ...aRun(['x']), entries: entriesFromList(mapTable(table, guessMapping(table)).lines, seededBytes(9)) };
}
export const texts = (spec: RunSpec) => spec.entries.map(({ fields }) => fields.text);
export const asked = (spec: RunSpec) =>
  listQuestions(spec).map(({ kind, cases }) => [kind, cases.map(({ was }) => was)]);
export const answer = (spec: RunSpec, kind: QuestionKind, id: AnswerId, only?: number) => {
  const question = listQuestions(spec).find((q) => q.kind === kind)!;
  expect(answersOf(question)).toContain(id);
  const cases = only === undefined ? question.cases : [question.cases[only]!];
  return answerQuestion(spec, { ...question, cases }, id, means);
};
