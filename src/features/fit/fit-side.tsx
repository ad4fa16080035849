'use client';

import { randomBytes, useFits, useRun } from '@/client';
import { type MainPlace, changeSizeGroup, placesOf, sizeWith } from '@/core/edit';
import { placeNameIn } from '@/core/spec';
import type { ScreenFit } from '@/workers/fit-protocol';
import { ArrangementPanel } from './arrangement-panel';
import { CostsPanel } from './costs-panel';
import { DecisionPanel } from './decision-panel';
import { fitKey } from './fit-key';
import { FormPanel } from './form-panel';
import { HeightStrip } from './height-strip';
import { LayerPanel } from './layer-panel';
import { LetterPanel } from './letter-panel';
import { LetteringPanel } from './lettering-panel';
import { MotifPanel } from './motif-panel';
import { MaterialPanel } from './material-panel';
import { OpenFindings } from './open-findings';
import { RemedyOrder } from './remedy-order';
import { SizeRulePanel } from './size-rule-panel';
import type { WallSelection } from './use-wall-selection';

interface FitSideProps {
  readonly place: MainPlace;
  readonly shown: readonly ScreenFit[];
  readonly subject: ScreenFit | null;
  readonly selection: WallSelection;
  /** Shows an item as it will be handed over. */
  readonly onPreview: (itemId: string) => void;
}

/**
 * Everything that changes the wall is beside the wall: size rule, the text in question, lettering and film are one decision. It scrolls by
 * itself, so that the wall stays in sight while it is changed.
 */
export function FitSide({ place, shown, subject, selection, onPreview }: FitSideProps) {
  const { spec, change } = useRun();
  const fits = useFits();
  const { at } = place;
  const { lettering, slots, sizeGroup } = place;
  const setSize = fits.last?.setSizes[subject?.setId ?? sizeGroup.id] ?? null;
  const places = placesOf(spec);
  const numSharing = places.filter(({ placeUse: one }) => one.sizeGroupId === sizeGroup.id).length;
  const others = places
    .filter(({ placeUse: one }) => one.sizeGroupId !== sizeGroup.id)
    .map((one) => ({
      groupId: one.placeUse.sizeGroupId,
      words: placeNameIn(spec, one.use, one.at.placeId),
    }));
  const pickText = (text: string) => {
    const fit = shown.find((one) => one.text.join(' ') === text);
    if (fit) selection.focus(fitKey(fit));
  };
  return (
    // Laid out and painted part by part: each of them changes by itself.
    <aside className="grid auto-rows-max grid-cols-[minmax(0,1fr)] content-start gap-5 border-r border-rule-strong bg-paper p-5 *:grid-cols-[minmax(0,1fr)] *:contain-layout *:contain-style lg:sticky lg:top-0 lg:h-dvh lg:overflow-y-auto">
      {subject && (
        <DecisionPanel shown={shown} subject={subject} onDone={() => selection.focus(null)} onPreview={onPreview} />
      )}
      <SizeRulePanel
        group={sizeGroup}
        setSize={setSize}
        others={others}
        isShared={numSharing > 1}
        onSizeWith={(groupId) => change((now) => sizeWith(now, at, groupId, randomBytes))}
        onChange={(part) => change((now) => changeSizeGroup(now, at, part))}
      />
      <HeightStrip
        fits={shown}
        leastMm={lettering.minLetterHeightMm}
        chosen={selection.chosen}
        onChoose={selection.choose}
      />
      <OpenFindings shown={shown} subject={subject} onPick={selection.focus} />
      {setSize && <CostsPanel setSize={setSize} onPick={pickText} />}
      <LetteringPanel at={at} lettering={lettering} />
      <FormPanel place={place} shown={shown} />
      {subject && <LetterPanel subject={subject} />}
      <LayerPanel place={place} />
      <MotifPanel place={place} />
      {slots.map((one) => (
        <MaterialPanel key={one.slot} place={place} slot={one} isOnly={slots.length === 1} />
      ))}
      <ArrangementPanel place={place} fit={subject ?? shown.at(0) ?? null} />
      <RemedyOrder />
    </aside>
  );
}
