'use client';

import { usePathname, useRouter } from 'next/navigation';
import { GUIDE_KEY, GUIDE_LEFT, guideAt, guideWord, useBrowserText, useRun } from '@/client';
import { Button, TextButton } from '@/ui';
import { GUIDE } from './guide-steps';

/** Leads a newcomer along the tape, one stop at a time; it can be left at any time. */
export function Guide() {
  const { runId } = useRun();
  const router = useRouter();
  const pathname = usePathname();
  const [kept, keep] = useBrowserText(GUIDE_KEY);
  const at = guideAt(kept, runId, GUIDE.length);
  const stop = at === null ? null : GUIDE[at];
  if (at === null || !stop) return null;
  const isHere = pathname.endsWith(`/${stop.path}`);
  const go = (to: number) => {
    const next = GUIDE[to];
    if (!next) return keep(GUIDE_LEFT);
    keep(guideWord(runId, to));
    router.push(`/runs/${runId}/${next.path}`);
  };
  return (
    <aside
      aria-label="Guide"
      className="flex flex-wrap items-center gap-x-5 gap-y-2 border-b-2 border-verdigris bg-verdigris-tint px-6 py-2.5"
    >
      <p className="min-w-72 flex-1">
        <b>
          {at + 1} of {GUIDE.length} · {stop.name}.
        </b>{' '}
        {stop.sees} <span className="text-verdigris-deep">{stop.tries}</span>
      </p>
      <span className="flex items-center gap-3">
        {!isHere && <Button onClick={() => go(at)}>Back to {stop.name}</Button>}
        {at > 0 && <Button onClick={() => go(at - 1)}>Before</Button>}
        <Button weight="main" onClick={() => go(at + 1)}>
          {at + 1 < GUIDE.length ? `Next: ${GUIDE[at + 1]!.name}` : 'That was it'}
        </Button>
        <TextButton onClick={() => keep(GUIDE_LEFT)}>Leave the guide</TextButton>
      </span>
    </aside>
  );
}
