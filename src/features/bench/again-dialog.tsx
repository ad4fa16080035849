'use client';

import { useState } from 'react';
import { useHeater, useRun } from '@/client';
import type { AgainReason } from '@/core/ledger';
import { otherFilms, pressAgain } from '@/core/press';
import type { BenchItem } from '@/services';
import { Button, Choice, DialogCard, Key } from '@/ui';
import { Figure } from './figure';
import type { AgainOption } from './press-clocks';
import { AGAIN_OPTIONS, againSentence, tooMuchSentence } from './sentences';

interface AgainDialogProps {
  readonly item: BenchItem;
  readonly options: readonly AgainOption[];
  readonly onClose: () => void;
  readonly onAgain: (option: AgainOption, why: AgainReason, seconds: number) => void;
}

const MOST_FILMS = 3;

/** What came off the carrier, or did not: how long it is pressed once more, and when the film bears no more. */
export function AgainDialog({ item, options, onClose, onAgain }: AgainDialogProps) {
  const { spec } = useRun();
  const [heater] = useHeater();
  const [why, setWhy] = useState<AgainReason>('notBonded');
  const [at, setAt] = useState(0);
  const option = options[at] ?? options[0]!;
  const { card } = option.answer;
  const plan = pressAgain(card, why, option.pieces[0]?.again ?? null, option.heatedSeconds);
  const { blank } = option.at.place;
  const question = { fabric: blank.fabricClass, bearsC: blank.bearsC, heater, cards: spec.shop.cards };
  const films = spec.shop.materials.map(({ value }) => value);
  const others = otherFilms(question, { name: option.film, kind: card.kind }, films).slice(0, MOST_FILMS);
  const take = () => !plan.isTooMuch && onAgain(option, why, plan.seconds);
  return (
    <DialogCard title={`${item.text.join(' ')}: it does not hold`} tone="work" isOpen onClose={onClose} onEnter={take}>
      {options.length > 1 && (
        <Choice
          label="Which film"
          options={options.map(({ film, placeName }, i) => ({ id: String(i), label: `${film}, ${placeName}` }))}
          value={String(at)}
          onChange={(id) => setAt(Number(id))}
        />
      )}
      <Choice
        label="What happened"
        options={AGAIN_OPTIONS}
        value={why}
        onChange={(id) => setWhy(id === 'edgeLifts' ? 'edgeLifts' : 'notBonded')}
      />
      <p>{againSentence(why)}</p>
      <dl className="flex flex-wrap gap-x-9 gap-y-2">
        <Figure label="once more" value={`${plan.seconds} s`} />
        <Figure label="under the press so far" value={`${plan.soFarSeconds} s`} />
        <Figure label="with it" value={`${plan.withItSeconds} s`} />
        <Figure label="the film bears" value={`${plan.mostSeconds} s`} />
      </dl>
      {plan.isTooMuch && (
        <p className="border-l-4 border-madder bg-madder-tint px-3 py-1.5">
          {tooMuchSentence(
            option.film,
            others.map(({ name }) => name),
          )}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button weight="main" size="bench" disabled={plan.isTooMuch} onClick={take}>
          Press again, {plan.seconds} s <Key>enter</Key>
        </Button>
        <Button size="bench" onClick={onClose}>
          Leave it <Key>esc</Key>
        </Button>
      </div>
    </DialogCard>
  );
}
