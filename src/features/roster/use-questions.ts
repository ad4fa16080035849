import { useDeferredValue, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { randomBytes, useRun, useWork } from '@/client';
import { type AnswerId, type ListQuestion, answerQuestion, answersOf, isForColumn, listQuestions } from '@/core/roster';
import { isTyping } from '@/ui';

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

function useQuestionKeys(questions: Questions): void {
  const latest = useRef(questions);
  // With what is on the screen: a key pressed right after it must not answer what stood there before.
  useLayoutEffect(() => {
    latest.current = questions;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (press(event.key, latest.current)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}

/** True when the key meant something. */
function press(key: string, { question, answers, at, caseAt, setAt, setCaseAt, answer }: Questions): boolean {
  if (!question) return false;
  const chosen = /^[1-9]$/.test(key) ? answers[Number(key) - 1] : undefined;
  const last = question.cases.length - 1;
  if (chosen) answer(chosen);
  else if (key === 'ArrowRight') setAt(at + 1);
  else if (key === 'ArrowLeft') setAt(at - 1);
  else if (key === 'ArrowDown') setCaseAt(caseAt === null ? 0 : Math.min(last, caseAt + 1));
  else if (key === 'ArrowUp') setCaseAt(caseAt === null || caseAt === 0 ? null : caseAt - 1);
  else if (key === 'Escape') setCaseAt(null);
  else return false;
  return true;
}
