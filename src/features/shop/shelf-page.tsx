'use client';

import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { api, problemSentence, randomBytes } from '@/client';
import { makeId } from '@/core/ids';
import type { Shelf, ShopThingView, ShopValues } from '@/services';
import { Button, Notice, type TableColumn, VirtualTable } from '@/ui';
import { RemovedNotice } from './removed-notice';

interface ShelfPageProps<S extends Shelf> {
  readonly shelf: S;
  /** One thing of it, such as `press card`. */
  readonly word: string;
  readonly things: readonly ShopThingView<ShopValues[S]>[];
  readonly columns: readonly TableColumn<ShopThingView<ShopValues[S]>>[];
  /** What a new one starts as, or how one comes to be that does not start from anything. */
  readonly fresh: ShopValues[S] | ((onProblem: (problem: string | null) => void) => ReactNode);
  /** Id of the thing that was just taken out; null otherwise. */
  readonly removedId: string | null;
  /** How tall a line is, in pixels. */
  readonly rowPx?: number;
  /** What holds for all of them. */
  readonly note: ReactNode;
}

/** Everything on a shelf of the shop: made, looked through, brought back. */
export function ShelfPage<S extends Shelf>(props: ShelfPageProps<S>) {
  const { shelf, word, things, columns, fresh, removedId, rowPx = 40, note } = props;
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (value: ShopValues[S]) => {
    const id = makeId<'thing'>(randomBytes);
    const made = await api.saveThing(shelf, { id, rev: 0, value });
    if (made.ok) router.push(`/shop/${shelf}/${id}`);
    else setProblem(problemSentence(made.problem));
  };
  const count = `${things.length} ${word}${things.length === 1 ? '' : 's'}`;
  return (
    <main className="mx-auto max-w-[1240px] px-6 py-6">
      <div className="mb-4 flex flex-wrap items-center justify-between gap-4">
        <h1 className="text-2xl font-bold">Shop: {count}</h1>
        {typeof fresh === 'function' ? (
          fresh(setProblem)
        ) : (
          <Button weight="main" onClick={() => void make(fresh)}>
            A new {word}
          </Button>
        )}
      </div>
      {problem && <Notice severity="stop">{problem}</Notice>}
      <RemovedNotice shelf={shelf} removedId={removedId} things={things} onProblem={setProblem}>
        A {word} is taken out of the shop. Runs that take it keep their own copy.
      </RemovedNotice>
      <div className="overflow-x-auto border-y border-rule-strong">
        <VirtualTable
          label={`All ${word}s of the shop`}
          columns={columns}
          rows={things}
          idOf={({ id }) => id}
          rowPx={rowPx}
        />
      </div>
      <div className="mt-3 text-soft">{note}</div>
    </main>
  );
}

/** Of every cell but the first. */
export const CELL = 'self-center px-2';
