import { useDeferredValue, useMemo, useState } from 'react';
import { randomBytes, useRun, useWork } from '@/client';
import { type AnswerId, type ListQuestion, answerQuestion, answersOf, isForColumn, listQuestions } from '@/core/roster';
import { type KeyGroup, useKeys } from '@/ui';

export interface Questions {
  readonly all: readonly ListQuestion[];
  readonly at: number;
  readonly question: ListQuestion | null;
  readonly answers: readonly AnswerId[];
  /** The case that an answer is for; null: all that are alike. */
  readonly caseAt: number | null;
  readonly setAt: (at: number) => void;
  readonly setCaseAt: (at: number | null) => void;
  readonly answer: (answer: AnswerId) => void;
}

/** What the list asks, one question at a time; digits answer it, arrows walk. */
export function useQuestions(): Questions {
  const { spec, change } = useRun();
  const { hasWork } = useWork();
  const settled = useDeferredValue(spec);
  const all = useMemo(() => listQuestions(settled), [settled]);
  const [wantedAt, setAt] = useState(0);
  const [caseAt, setCaseAt] = useState<number | null>(null);
  const at = Math.min(wantedAt, Math.max(0, all.length - 1));
  const question = all[at] ?? null;
  const answers = useMemo(() => (question ? answersOf(question) : []), [question]);
  const walkTo = (next: number) => {
    setAt((next + all.length) % Math.max(1, all.length));
    setCaseAt(null);
  };
  const answer = (id: AnswerId) => {
    if (!question) return;
    const one = caseAt === null || isForColumn(id) ? undefined : question.cases[caseAt];
    const means = { hasWork, randomBytes };
    change((now) => answerQuestion(now, one ? { ...question, cases: [one] } : question, id, means));
    // What is alike is answered one after the other; after the last of them the next question is for all again.
    if (!one || question.cases.length === 1) setCaseAt(null);
    else setCaseAt(Math.min(caseAt!, question.cases.length - 2));
  };
  const questions = { all, at, question, answers, caseAt, setAt: walkTo, setCaseAt, answer };
  useQuestionKeys(questions);
  return questions;
}

/** Digits answer, arrows walk. Nothing is bound while the list asks nothing. */
function useQuestionKeys({ question, answers, at, caseAt, setAt, setCaseAt, answer }: Questions): void {
  const last = (question?.cases.length ?? 1) - 1;
  const walk = { mayRepeat: true };
  const one = (keys: string, shown: string, does: string, run: () => void) => ({ keys: [keys], shown, does, run });
  const groups: readonly KeyGroup[] = [
    {
      title: 'Questions of the list',
      bindings: [
        {
          // Where digits are written with shift, they come with it.
          keys: answers.slice(0, 9).flatMap((_, i) => [String(i + 1), `shift+${i + 1}`]),
          shown: `1 – ${Math.min(9, answers.length)}`,
          does: 'the answer of that number',
          run: ({ key }) => answer(answers[Number(key) - 1]!),
        },
        { ...one('right', '→', 'the next question', () => setAt(at + 1)), ...walk },
        { ...one('left', '←', 'the question before', () => setAt(at - 1)), ...walk },
        {
          ...one('down', '↓', 'only for the next case', () =>
            setCaseAt(caseAt === null ? 0 : Math.min(last, caseAt + 1)),
          ),
          ...walk,
        },
        {
          ...one('up', '↑', 'only for the case before', () =>
            setCaseAt(caseAt === null || caseAt === 0 ? null : caseAt - 1),
          ),
          ...walk,
        },
        one('escape', 'esc', 'for all cases again', () => setCaseAt(null)),
      ],
    },
  ];
  useKeys(question ? groups : NO_KEYS);
}

const NO_KEYS: readonly KeyGroup[] = [];
