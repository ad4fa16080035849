'use client';

import { useLengths } from '@/client';
import { Radio, RadioGroup } from '@headlessui/react';
import type { RemedyOffer } from '@/core/remedies';
import type { RunSpec } from '@/core/spec';
import { remedyWords } from './remedy-words';

interface RemedyListProps {
  readonly spec: RunSpec;
  readonly offers: readonly RemedyOffer[];
  readonly picked: number;
  readonly onPick: (index: number) => void;
}

/** What would help, in the maker's order, each with the letter height that it gives. */
export function RemedyList({ spec, offers, picked, onPick }: RemedyListProps) {
  const lengths = useLengths();
  return (
    <RadioGroup aria-label="Remedies" value={picked} onChange={onPick} className="border-t border-rule">
      {offers.map((offer, i) => (
        <Radio
          key={`${offer.kind} ${i}`}
          value={i}
          className="flex cursor-pointer items-baseline gap-2 border-b border-rule px-1.5 py-1 data-checked:bg-verdigris-tint data-checked:font-semibold"
        >
          <span className="min-w-0 flex-1 break-words">{remedyWords(spec, offer)}</span>
          <span className="measure whitespace-nowrap" title="cap height that it gives">
            {offer.kind === 'shorten' ? '–' : `${lengths.figure(offer.capHeightMm)} ${lengths.word}`}
          </span>
          <span
            className="w-3 text-center"
            title={offer.passes ? 'everything holds then' : 'something stays to be decided'}
          >
            {offer.kind === 'shorten' ? '' : offer.passes ? '✓' : '·'}
          </span>
        </Radio>
      ))}
    </RadioGroup>
  );
}
