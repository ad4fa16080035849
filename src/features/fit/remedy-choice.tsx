'use client';

import { useState } from 'react';
import { useFits, useLengths, useRun } from '@/client';
import type { Finding } from '@/core/finding';
import type { RemedyOffer } from '@/core/remedies';
import { Button, Key, isPressable, isTyping, useKeys } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { textOf } from './fit-key';
import { RemedyList } from './remedy-list';
import { indexOf, useRemedies } from './use-remedies';
import { withSets } from './with-sets';

interface RemedyChoiceProps {
  readonly subject: ScreenFit;
  /** What is to be answered; null where nothing is open. */
  readonly answering: Finding['kind'] | null;
  readonly alike: readonly ScreenFit[];
  readonly onDone: () => void;
}

/** The remedies with the first that leaves nothing to decide picked; one key takes it, one button for all alike. */
export function RemedyChoice({ subject, answering, alike, onDone }: RemedyChoiceProps) {
  const { spec, change, askFits } = useRun();
  const fits = useFits();
  const offers = useRemedies(subject, answering);
  const [ownPick, setOwnPick] = useState<{ readonly offers: readonly RemedyOffer[]; readonly index: number } | null>(
    null,
  );
  const setSize = fits.last?.setSizes[subject.setId];
  const picked = ownPick?.offers === offers ? ownPick.index : firstPick(offers ?? []);
  const offer = offers?.[picked] ?? null;

  const take = () => {
    if (!offer || offer.sets.length === 0) return;
    change((now) => withSets(now, textOf(subject), offer.sets));
    onDone();
  };
  const takeForAll = async () => {
    const result = fits.last;
    if (!offer || !result) return;
    const taken = await askFits()?.remedyForAll(
      alike.map((fit) => indexOf(result, fit)),
      { offer, answering },
    );
    if (!taken) return;
    change((now) => taken.reduce((run, { index, sets }) => withSets(run, textOf(result.fits[index]!), sets), now));
    onDone();
  };
  useKeys([{ title: 'Decide', bindings: [{ ...TAKE, run: (event) => (isForPage(event) ? take() : false) }] }]);

  if (subject.emMm <= 0 && !subject.text.some((line) => line.trim() !== '')) return null;
  if (!offers) return <p className="text-soft">Working out what would help…</p>;
  if (offers.length === 0) return null;
  return (
    <>
      <RemedyList spec={spec} offers={offers} picked={picked} onPick={(index) => setOwnPick({ offers, index })} />
      {offer?.kind === 'shorten' ? (
        <ShorterText key={subject.itemId} subject={subject} onDone={onDone} />
      ) : (
        <p className="text-soft">
          {offer && <OthersWords offer={offer} nowMm={setSize?.letterMm ?? null} />}
          {offer && !offer.passes && 'Not everything holds then.'}
        </p>
      )}
      {offer && offer.kind !== 'shorten' && (
        <div className="flex flex-wrap gap-2">
          <Button weight="main" onClick={take}>
            Take it <Key>Enter</Key>
          </Button>
          {alike.length > 1 && <Button onClick={() => void takeForAll()}>For all {alike.length} alike</Button>}
        </div>
      )}
    </>
  );
}

const TAKE = { keys: ['enter'], does: 'take the remedy that is picked', isEverywhere: true } as const;

/** A remedy that is picked by arrow keys is taken by Enter; fields and buttons keep it for themselves. */
function isForPage({ target, defaultPrevented }: KeyboardEvent): boolean {
  const at = target instanceof HTMLElement ? target : null;
  if (defaultPrevented) return false;
  return at?.closest('[aria-label="Remedies"]') != null || !(isTyping(at) || isPressable(at));
}

/** What it does to the rest of the set: a text that comes in again may hold the others back. */
function OthersWords({
  offer: { othersMm, othersStopped },
  nowMm,
}: {
  readonly offer: RemedyOffer;
  readonly nowMm: number | null;
}) {
  const lengths = useLengths();
  if (othersMm === null || nowMm === null) return null;
  if (Math.abs(othersMm - nowMm) < 0.05) return <>The others stay as they are. </>;
  return (
    <span className={othersMm < nowMm ? 'text-brass' : ''}>
      The tallest of the set go from <span className="measure">{lengths.figure(nowMm)}</span> to{' '}
      <span className="measure">
        {lengths.figure(othersMm)} {lengths.word}
      </span>
      .{' '}
      {othersStopped > 0 && (
        <b className="text-madder">
          {othersStopped === 1 ? '1 other would be' : `${othersStopped} others would be`} too small then.{' '}
        </b>
      )}
    </span>
  );
}

/** The first that leaves nothing to decide; else the first. */
function firstPick(offers: readonly RemedyOffer[]): number {
  return Math.max(
    0,
    offers.findIndex(({ passes, kind }) => passes && kind !== 'shorten'),
  );
}

/** What somebody agreed to be called; nothing is cut short by itself. */
function ShorterText({ subject, onDone }: { readonly subject: ScreenFit; readonly onDone: () => void }) {
  const { change } = useRun();
  const [text, setText] = useState(subject.text.join(' '));
  const typed = text.trim();
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed === '') return;
        change((now) => withSets(now, textOf(subject), [{ kind: 'wording', lines: [typed] }]));
        onDone();
      }}
    >
      <label className="grid min-w-0 flex-1 gap-1">
        <span>Agreed shorter text</span>
        <input value={text} onChange={(event) => setText(event.target.value)} />
      </label>
      <Button type="submit" disabled={typed === ''}>
        Cut this
      </Button>
    </form>
  );
}
