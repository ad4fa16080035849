'use client';

import { useFindingWords, useLengths, useRun } from '@/client';
import { asksOf, gravestFirst, lookedWord, nameOfFit, oneGap, whoseElse } from '@/core/figures';
import { type Finding, findingKey, worstSeverity } from '@/core/finding';
import { type OverrideSet, type OwnSettings, type RunSpec, type TextRef, lookedKey, ownSettingsAt } from '@/core/spec';
import { dropLooked, dropOverrides } from '@/core/edit';
import { Button, ButtonLink, Key, SeverityTag, TextButton } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { ItemThumb } from '@/parts/preview';
import { alikeOf } from './decision-subject';
import { textOf } from './fit-key';
import { LetStand } from './let-stand';
import { NameFilm } from './name-film';
import { RemedyChoice } from './remedy-choice';

interface DecisionPanelProps {
  readonly shown: readonly ScreenFit[];
  readonly subject: ScreenFit;
  readonly onDone: () => void;
  readonly onPreview: (itemId: string) => void;
}

const EDGES = { stop: 'border-l-madder', check: 'border-l-brass', note: 'border-l-rule-strong' };

/** One text at a time: what is wrong, what would help, and letting it stand. */
export function DecisionPanel({ shown, subject, onDone, onPreview }: DecisionPanelProps) {
  const { spec, runId, change } = useRun();
  const { sentence: sentenceOf, words } = useFindingWords();
  const lengths = useLengths();
  const sentence = (finding: Finding) => asSentence(sentenceOf(finding));
  const asks = gravestFirst(asksOf(subject));
  const [gravest, ...others] = oneGap({ layers: subject.layers, findings: asks });
  const alike = alikeOf(shown, subject);
  const worst = worstSeverity(asks) ?? 'note';
  const at = textOf(subject);
  const whose = whoseElse(subject);
  return (
    <section
      className={`grid min-h-80 content-start gap-2 border border-l-4 border-rule-strong bg-white p-3 ${EDGES[worst]}`}
      aria-label="To decide"
    >
      <div className="flex items-start justify-between gap-2">
        <h2 className="flex min-w-0 flex-wrap items-center gap-2 text-base font-semibold break-words">
          {worst !== 'note' && <SeverityTag severity={worst} />}
          {nameOfFit(subject, ' / ')}
          {whose !== null && <span className="font-normal text-soft">for {whose}</span>}
        </h2>
        <ItemThumb itemId={subject.itemId} words={nameOfFit(subject, ' / ')} onOpen={() => onPreview(subject.itemId)} />
      </div>
      {gravest ? (
        <p>{sentence(gravest)}.</p>
      ) : (
        subject.emMm > 0 && (
          <p className="text-soft">
            Cap height{' '}
            <span className="measure">
              {lengths.figure(subject.capHeightMm)} {lengths.word}
            </span>
            , its place holds{' '}
            <span className="measure">
              {lengths.figure(subject.mostCapMm)} {lengths.word}
            </span>
            .
          </p>
        )
      )}
      {others.length > 0 && (
        <p className="text-soft">
          Also:{' '}
          {others.map((finding, i) => (
            <span key={findingKey(finding)} title={sentence(finding)}>
              {i > 0 && ', '}
              {words(finding)}
            </span>
          ))}
          .
        </p>
      )}
      {gravest?.kind === 'changedSinceProof' && (
        <ButtonLink href={`/runs/${runId}/proof`}>Show it again on Proof</ButtonLink>
      )}
      {asks.map((finding) =>
        finding.kind === 'filmMissing' ? <NameFilm key={finding.said} at={at} finding={finding} /> : null,
      )}
      <RemedyChoice subject={subject} answering={gravest?.kind ?? null} alike={alike} onDone={onDone} />
      <LetStand key={`${at.entryId}-${at.placeId}`} asks={asks} subject={subject} alike={alike} onDone={onDone} />
      <OwnSettings spec={spec} at={at} change={change} />
      {subject.looked.length > 0 && (
        <p className="text-soft">
          Let stand: {subject.looked.map((finding) => sentenceOf(finding)).join('; ')}.{' '}
          <TextButton
            onClick={() =>
              change((now) =>
                dropLooked(
                  now,
                  subject.looked.map((finding) => lookedKey(at, lookedWord(subject, finding))),
                ),
              )
            }
          >
            Open again
          </TextButton>
        </p>
      )}
      <p className="text-fine text-soft">
        <Key>←</Key> <Key>→</Key> walk along the wall, <Key>v</Key> shows the finished item
      </p>
    </section>
  );
}

function asSentence(words: string): string {
  return words[0]!.toUpperCase() + words.slice(1);
}

const OWN_KINDS: readonly OverrideSet['kind'][] = [
  'lettering',
  'material',
  'tracking',
  'width',
  'border',
  'size',
  'bend',
  'letters',
  'lie',
  'wording',
];
const OWN_WORDS: Record<keyof OwnSettings, string> = {
  letteringId: 'lettering',
  materialId: 'film',
  trackingEm: 'tracking',
  widthShare: 'width',
  borderShare: 'border',
  size: 'size',
  bend: 'bend',
  letters: 'single letters',
  lie: 'spot',
  lines: 'wording',
};

/** What this text has of its own, and the way back. */
function OwnSettings({
  spec,
  at,
  change,
}: {
  spec: RunSpec;
  at: TextRef;
  change: ReturnType<typeof useRun>['change'];
}) {
  const own = Object.keys(ownSettingsAt(spec, at)) as (keyof typeof OWN_WORDS)[];
  if (own.length === 0) return null;
  return (
    <p className="flex flex-wrap items-center gap-2">
      <span>Of its own: {own.map((part) => OWN_WORDS[part]).join(', ')}.</span>
      <Button onClick={() => change((now) => dropOverrides(now, [at], OWN_KINDS))}>As the set again</Button>
    </p>
  );
}
