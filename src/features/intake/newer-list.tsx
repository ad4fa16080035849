'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useRef, useState } from 'react';
import { madeTexts, problemSentence, randomBytes, useRun, useWork } from '@/client';
import { rereadLine } from '@/core/intake';
import { compareList, listText, takeComparison } from '@/core/roster';
import { rewordedItems } from '@/core/resolve';
import { Button, Notice } from '@/ui';
import { Comparison } from './comparison';
import { ListSource } from './list-source';
import { MappingTable } from './mapping-table';
import { useBundle } from './use-bundle';
import { type Intake, useIntake } from './use-intake';

/** A longer list is not written out to be edited as text: it is edited in its rows, or pasted anew. */
const MOST_WRITTEN_OUT = 2000;

/** A newer list laid beside the run: what is new, changed and gone is seen before anything of it is taken. */
export function NewerList() {
  const { spec, saver, runId } = useRun();
  const { hasWork, bench } = useWork();
  const router = useRouter();
  const present = useMemo(() => spec.entries.filter(({ withdrawn }) => !withdrawn), [spec.entries]);
  const [asText] = useState(() => (present.length > MOST_WRITTEN_OUT ? '' : listText(present)));
  const intake = useIntake(asText);
  const [problem, setProblem] = useState<string | null>(null);
  const bundleProblem = useBundle(intake.bundle);
  const isUntouched = intake.source.kind === 'text' && intake.source.text === asText;
  const mapping = intake.mapped?.mapping ?? null;
  const comparison = useMemo(
    () =>
      isUntouched || !intake.isUsable
        ? null
        : compareList(spec.entries, intake.lines, intake.keyColumn ?? spec.list.keyColumn, (raw) =>
            rereadLine(raw, mapping),
          ),
    [isUntouched, intake.isUsable, intake.lines, intake.keyColumn, mapping, spec.entries, spec.list.keyColumn],
  );
  const reworded = useMemo(() => {
    if (!comparison) return [];
    const entries = takeComparison(spec.entries, comparison, hasWork, randomBytes);
    return rewordedItems(spec, { ...spec, entries }, madeTexts(bench.items));
  }, [spec, comparison, hasWork, bench.items]);
  const isChange = comparison !== null && (comparison.gone.length > 0 || hasNews(comparison, spec.entries));
  const lay = async () => {
    if (!intake.input) return;
    const laid = await saver.replaceList(intake.input);
    if (laid.ok) router.push(`/runs/${runId}/roster`);
    else setProblem(problemSentence(laid.problem));
  };
  const button = useFocusWhen(intake.source.kind === 'file' && isChange);
  return (
    <section className="grid max-w-5xl gap-4 p-5">
      <h1 className="text-xl font-bold">A newer list</h1>
      <p className="max-w-3xl">
        Change lines, paste a newer list over them or choose a file. Lines that stay the same keep everything done for
        them; nothing is changed before you say so, and it can be taken back.
      </p>
      {(problem ?? bundleProblem) && <Notice severity="stop">{problem ?? bundleProblem}</Notice>}
      {comparison && <Comparison comparison={comparison} reworded={reworded} hasWork={hasWork} />}
      <div className="flex flex-wrap items-center gap-3">
        <Button ref={button} weight="main" disabled={!isChange} onClick={() => void lay()}>
          Lay it over the run
        </Button>
        <Button onClick={() => router.push(`/runs/${runId}/roster`)}>Leave as it was</Button>
        <output className={intake.isUsable ? 'text-soft' : 'text-madder'}>
          {isUntouched ? '' : stateWords(intake, isChange)}
        </output>
      </div>
      <ListSource
        intake={intake}
        className="h-72 leading-6"
        placeholder={asText === '' && present.length > 0 ? 'Paste the newer list here.' : undefined}
      />
      {intake.mapped && !isUntouched && <MappingTable intake={intake} mapped={intake.mapped} />}
    </section>
  );
}

function stateWords({ isUsable, countWords }: Intake, isChange: boolean): string {
  return isUsable && !isChange ? `${countWords}, and nothing in them is new.` : countWords;
}

function hasNews(
  { fates }: ReturnType<typeof compareList>,
  entries: readonly { readonly id: string; readonly withdrawn: boolean }[],
): boolean {
  const order = entries.filter(({ withdrawn }) => !withdrawn).map(({ id }) => id);
  return fates.some((fate, i) => fate.kind !== 'same' || fate.entry.id !== order[i]);
}

/** Enter takes what is shown, once it came from a file. */
function useFocusWhen(isWanted: boolean) {
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isWanted) button.current?.focus();
  }, [isWanted]);
  return button;
}
