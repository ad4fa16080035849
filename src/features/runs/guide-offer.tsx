'use client';

import { useRouter } from 'next/navigation';
import { useSyncExternalStore } from 'react';
import { GUIDE_KEY, GUIDE_LEFT, guideWord, useBrowserText } from '@/client';
import type { RunSummary } from '@/services';
import { Button, TextButton } from '@/ui';

/** For somebody new: six stops through a run that is there. Offered until it was followed or declined. */
export function GuideOffer({ run }: { readonly run: RunSummary | null }) {
  const router = useRouter();
  const [kept, keep] = useBrowserText(GUIDE_KEY);
  // Only the browser knows whether it was offered before.
  const isRead = useSyncExternalStore(
    () => () => undefined,
    () => true,
    () => false,
  );
  if (!isRead || kept !== '' || run === null) return null;
  return (
    <aside
      aria-label="Guide"
      className="mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 border border-verdigris bg-verdigris-tint px-4 py-3"
    >
      <p className="min-w-72 flex-1">
        <b>New here?</b> Six stops from the list to the bench, through “{run.title}”. It can be left at any time.
      </p>
      <Button
        onClick={() => {
          keep(guideWord(run.id, 0));
          router.push(`/runs/${run.id}/roster`);
        }}
      >
        Show me around
      </Button>
      <TextButton onClick={() => keep(GUIDE_LEFT)}>Not now</TextButton>
    </aside>
  );
}
