'use client';

import { Input } from '@headlessui/react';
import { useState } from 'react';
import { api, problemSentence, useApiQuery } from '@/client';
import { hasWords } from '@/core/has-words';
import { BlankPicture } from '@/drawing';
import type { ShopBlankView } from '@/services';
import { Button, Notice } from '@/ui';
import { KIND_WORDS } from './sentences';

interface BlankPickerProps {
  /** What a press does with the blank. */
  readonly deed: string;
  readonly onPick: (blank: ShopBlankView) => void;
  readonly onClose: () => void;
}

/** The shop's blanks to choose from. */
export function BlankPicker({ deed, onPick, onClose }: BlankPickerProps) {
  const { value, problem } = useApiQuery({ key: ['shop', 'blanks'], ask: () => api.things('blanks'), isKept: false });
  const [search, setSearch] = useState('');
  const blanks = (value?.blanks ?? []).filter(({ value: { name, kind, fabric } }) =>
    hasWords(`${name} ${KIND_WORDS[kind]} ${fabric}`, search),
  );
  return (
    <section aria-label="Blanks of the shop" className="border-b border-rule-strong bg-shade px-5 py-4">
      <div className="mb-2 flex items-center justify-between">
        <h2 className="font-semibold">{deed}</h2>
        <Input
          type="search"
          aria-label="Look for a blank"
          placeholder="Look for a blank"
          className="w-64"
          value={search}
          onChange={({ target }) => setSearch(target.value)}
        />
        <Button onClick={onClose}>Leave it as it is</Button>
      </div>
      {problem && <Notice severity="stop">{problemSentence(problem)}</Notice>}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(210px,1fr))] gap-2">
        {blanks.map((blank) => (
          <li key={blank.id}>
            <button
              type="button"
              className="flex w-full items-center gap-3 rounded-md border border-rule-strong bg-white px-3 py-2 text-left hover:bg-verdigris-tint"
              onClick={() => onPick(blank)}
            >
              {blank.value.variants.slice(0, 1).map((variant) => (
                <BlankPicture
                  key={variant.id}
                  kind={blank.value.kind}
                  variant={variant}
                  className="h-12 w-12 shrink-0"
                />
              ))}
              <span className="min-w-0">
                <b className="block">{blank.value.name}</b>
                <span className="text-sm text-soft">
                  {KIND_WORDS[blank.value.kind]}, {blank.value.fabric}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
