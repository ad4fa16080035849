'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { type ReactNode, useState } from 'react';
import { api, problemSentence, randomBytes, useShopThing } from '@/client';
import { makeId } from '@/core/ids';
import type { Shelf, ShopThingView, ShopValues } from '@/services';
import { Button, Notice, SaveNotice } from '@/ui';

interface ThingPageProps<S extends Shelf> {
  readonly shelf: S;
  /** All things of the shelf, such as `materials`. */
  readonly words: string;
  readonly initial: ShopThingView<ShopValues[S]>;
  readonly titleOf: (value: ShopValues[S]) => ReactNode;
  readonly children: (
    value: ShopValues[S],
    change: (change: (value: ShopValues[S]) => ShopValues[S]) => void,
  ) => ReactNode;
}

/** One thing of the shop under one's hands; every change is kept at once. */
export function ThingPage<S extends Shelf>({ shelf, words, initial, titleOf, children }: ThingPageProps<S>) {
  const router = useRouter();
  const { value, save, saver, takeTheirs } = useShopThing(shelf, initial);
  const [problem, setProblem] = useState<string | null>(null);
  const copy = async () => {
    const id = makeId<'thing'>(randomBytes);
    const made = await api.saveThing(shelf, { id, rev: 0, value: { ...value, name: copyName(value.name) } });
    if (made.ok) router.push(`/shop/${shelf}/${id}`);
    else setProblem(problemSentence(made.problem));
  };
  const remove = async () => {
    const gone = await api.removeThing(shelf, initial.id);
    if (gone.ok) router.push(`/shop/${shelf}?removed=${initial.id}`);
    else setProblem(problemSentence(gone.problem));
  };
  return (
    <main>
      <header className="grid gap-3 border-b border-rule-strong px-6 py-4">
        <div className="flex flex-wrap items-center gap-4">
          <Link href={`/shop/${shelf}`} className="text-link">
            All {words}
          </Link>
          {titleOf(value)}
          <output className="text-soft" data-testid="shop-save">
            {save.kind === 'kept' ? 'kept' : save.kind === 'keeping' ? 'keeping…' : 'not kept'}
          </output>
          <span className="ml-auto flex gap-3">
            <Button onClick={() => void copy()}>Make a copy</Button>
            <Button weight="grave" onClick={() => void remove()}>
              Take it out of the shop
            </Button>
          </span>
        </div>
        <SaveNotice save={save} onTakeTheirs={() => void takeTheirs()} onRetry={saver.retry} />
        {problem && <Notice severity="stop">{problem}</Notice>}
      </header>
      {children(value, saver.change)}
    </main>
  );
}

const MOST_NAME = 120;

const copyName = (name: string) => `${name} (copy)`.slice(0, MOST_NAME);
