'use client';

import { useRun } from '@/client';
import type { ListQuestion } from '@/core/roster';
import { Button, Key, TextButton } from '@/ui';
import { answerWords, caseWords, questionSentence } from './question-sentences';
import { type Questions, useQuestions } from './use-questions';

const MOST_SHOWN = 8;

/** What the list asks: one decision at a time, for all that is alike or for one of them. */
export function QuestionPanel() {
  const questions = useQuestions();
  const { all, at, question, answers, caseAt, answer } = questions;
  if (!question) return null;
  return (
    <section aria-label="What the list asks" className="mb-4 border-l-4 border-brass bg-paper">
      <header className="flex flex-wrap items-baseline gap-x-4 border-b border-rule px-4 py-2">
        <h2 className="text-lg font-semibold" aria-live="polite">
          {questionSentence(question)}
        </h2>
        {all.length > 1 && (
          <span className="ml-auto flex items-center gap-2 text-soft">
            <TextButton className="px-1" onClick={() => questions.setAt(at - 1)}>
              before
            </TextButton>
            <span className="measure">
              {at + 1} of {all.length}
            </span>
            <TextButton className="px-1" onClick={() => questions.setAt(at + 1)}>
              next
            </TextButton>
          </span>
        )}
      </header>
      <div className="grid gap-x-6 md:grid-cols-[minmax(0,1fr)_auto]">
        <Cases question={question} questions={questions} />
        <div className="flex flex-wrap content-start items-center gap-2 px-4 py-2 md:max-w-64 md:flex-col md:items-stretch">
          <p className="text-soft">{scopeWords(question, caseAt)}</p>
          {answers.map((id, i) => (
            <Answer
              key={id}
              no={i + 1}
              words={answerWords(question.kind, id)}
              isMain={i === 0}
              onAnswer={() => answer(id)}
            />
          ))}
          <p className="text-sm text-soft">
            <Key>↓</Key> one of them, <Key>→</Key> next question
          </p>
        </div>
      </div>
    </section>
  );
}

function scopeWords({ kind, cases }: ListQuestion, caseAt: number | null): string {
  if (kind === 'dateOrder') return 'For the whole column:';
  if (cases.length === 1) return 'For this one:';
  return caseAt === null ? `For all ${cases.length}:` : 'Only for the one chosen:';
}

interface AnswerProps {
  readonly no: number;
  readonly words: string;
  readonly isMain: boolean;
  readonly onAnswer: () => void;
}

function Answer({ no, words, isMain, onAnswer }: AnswerProps) {
  return (
    <Button weight={isMain ? 'main' : 'plain'} className="justify-start text-left" onClick={onAnswer}>
      <span className="measure mr-1.5 opacity-80">{no}</span> {words}
    </Button>
  );
}

function Cases({
  question: { kind, cases },
  questions,
}: {
  readonly question: ListQuestion;
  readonly questions: Questions;
}) {
  const { spec } = useRun();
  const numbers = new Map(spec.entries.filter(({ withdrawn }) => !withdrawn).map(({ id }, i) => [id as string, i + 1]));
  const first = Math.max(0, Math.min((questions.caseAt ?? 0) - 3, cases.length - MOST_SHOWN));
  return (
    <ul className="min-w-0 py-1">
      {cases.slice(first, first + MOST_SHOWN).map((one, k) => {
        const i = first + k;
        const { was, is } = caseWords(kind, one);
        const isChosen = questions.caseAt === i;
        return (
          <li key={one.entryIds.join(' ')}>
            <button
              type="button"
              aria-pressed={isChosen}
              className={`flex w-full flex-wrap items-baseline gap-x-3 px-4 py-1 text-left ${isChosen ? 'bg-brass-tint' : 'hover:bg-shade'}`}
              onClick={() => questions.setCaseAt(isChosen ? null : i)}
            >
              <span className="measure w-16 shrink-0 text-soft">
                {one.entryIds.map((id) => numbers.get(id) ?? '').join(', ')}
              </span>
              <span className="font-semibold whitespace-pre-wrap">{was}</span>
              {is !== '' && (
                <>
                  <span aria-hidden="true">→</span> <span className="font-semibold text-verdigris">{is}</span>
                </>
              )}
            </button>
          </li>
        );
      })}
      {cases.length > MOST_SHOWN && <li className="px-4 py-1 text-soft">{cases.length} in all</li>}
    </ul>
  );
}
