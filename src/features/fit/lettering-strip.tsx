'use client';

import { Label, Radio, RadioGroup } from '@headlessui/react';
import Link from 'next/link';
import { memo, useMemo } from 'react';
import { useLetteringSample, useRun } from '@/client';
import { chooseLettering } from '@/core/edit';
import { nameOfFit, tellingTexts } from '@/core/figures';
import type { Lettering } from '@/core/shop';
import { SampleDrawing } from '@/drawing';
import type { ScreenFit } from '@/workers/fit-protocol';
import { ShopLetterings } from './shop-letterings';

interface LetteringStripProps {
  readonly shown: readonly ScreenFit[];
}

/**
 * The letterings of the run, each by the names that tell most of it, in its own outline and all at one letter size. It stays above the wall,
 * so that the wall is looked at while one after the other is tried.
 */
export const LetteringStrip = memo(function LetteringStrip({ shown }: LetteringStripProps) {
  const { spec, place, change, runId } = useRun();
  const { letterings } = spec.shop;
  const texts = useMemo(() => tellingTexts(shown.map((fit) => nameOfFit(fit).slice(0, MOST_CHARACTERS))), [shown]);
  return (
    <div className="sticky top-0 z-10 -mx-5 mb-3 border-b border-rule-strong bg-cotton px-5 pt-1 pb-2">
      <RadioGroup
        value={place.placeUse.letteringId}
        onChange={(id: string) => change((now) => chooseLettering(now, place.at, id))}
      >
        <div className="flex items-center justify-between gap-4">
          <Label className="heading-small">Lettering</Label>
          <span className="flex items-center gap-4">
            <Link href={`/shop/faces?run=${runId}`} className="text-link">
              All faces on these names
            </Link>
            <ShopLetterings at={place.at} />
          </span>
        </div>
        <div className="-mx-1 grid max-h-44 grid-cols-[repeat(auto-fill,minmax(108px,1fr))] gap-1.5 overflow-y-auto px-1 py-1.5">
          {letterings.map(({ id, value }) => (
            <Radio
              key={id}
              value={id}
              aria-label={value.name}
              className="grid min-w-0 cursor-pointer content-start gap-1 overflow-hidden rounded-md border border-rule-strong bg-white px-2 pt-1 pb-2 data-checked:border-ink data-checked:ring-2 data-checked:ring-ink data-focus:outline-2 data-focus:outline-offset-2 data-focus:outline-verdigris"
            >
              <span className="font-narrow text-sm font-semibold">{value.name}</span>
              {texts.map((text) => (
                <Sample key={text} lettering={value} text={text} />
              ))}
            </Radio>
          ))}
        </div>
      </RadioGroup>
    </div>
  );
});

/** As much of a text as the samples of letterings take. */
const MOST_CHARACTERS = 60;

/** Pixels to the em: capitals of some 12, so that three names are read in a card. */
const EM_PX = 19;
/** The unit of samples. */
const UNITS_PER_EM = 100;

function Sample({ lettering, text }: { readonly lettering: Lettering; readonly text: string }) {
  const sample = useLetteringSample(lettering, text);
  if (!sample) return <span className="block h-4" />;
  // As high as its width allows: what is too long for its card leaves no gap.
  const widthPx = (sample.box.width * EM_PX) / UNITS_PER_EM;
  return <SampleDrawing sample={sample} style={{ width: widthPx }} className="block h-auto max-w-full" />;
}
