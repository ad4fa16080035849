'use client';

import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { api, problemSentence } from '@/client';
import type { Shelf } from '@/services';
import { Button, Notice } from '@/ui';

interface RemovedNoticeProps {
  readonly shelf: Shelf;
  /** Id of the thing that was just taken out; null otherwise. */
  readonly removedId: string | null;
  readonly things: readonly { readonly id: string }[];
  readonly onProblem: (problem: string) => void;
  readonly children: ReactNode;
}

/** Something was just taken off a shelf, and can come back. */
export function RemovedNotice({ shelf, removedId, things, onProblem, children }: RemovedNoticeProps) {
  const router = useRouter();
  if (removedId === null || things.some(({ id }) => id === removedId)) return null;
  const bringBack = async () => {
    const back = await api.restoreThing(shelf, removedId);
    if (back.ok) router.replace(`/shop/${shelf}`);
    else onProblem(problemSentence(back.problem));
  };
  return (
    <Notice severity="note" actions={<Button onClick={() => void bringBack()}>Bring it back</Button>}>
      {children}
    </Notice>
  );
}
