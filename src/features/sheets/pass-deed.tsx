'use client';

import { useState } from 'react';
import { openWords } from '@/client';
import type { OpenPass } from '@/services';
import { Button, ButtonLink, Tick } from '@/ui';

interface MakePassProps {
  readonly no: number;
  /** What is open in it; null while it is looked through. */
  readonly open: OpenPass | null;
  readonly isBusy: boolean;
  readonly onMake: () => void;
}

/** Says what in the pass is open, and asks once when something is. */
export function MakePass({ no, open, isBusy, onMake }: MakePassProps) {
  const [isAsking, setAsking] = useState(false);
  const words = open ? openWords(open) : [];
  const label = isBusy ? 'Making…' : open ? `Make pass ${no}` : 'Looking through it…';
  return (
    <div className="grid gap-2">
      {words.length > 0 && (
        <div className="border-l-4 border-brass bg-brass-tint px-3 py-1.5">
          <h3 className="font-semibold">Open in it</h3>
          <ul>
            {words.map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
        </div>
      )}
      {isAsking && words.length > 0 ? (
        <div className="grid gap-2" role="group" aria-label={`Make pass ${no} with that open?`}>
          <p className="font-semibold">Make pass {no} with that open?</p>
          <div className="flex flex-wrap gap-2">
            <Button weight="main" disabled={isBusy} onClick={onMake}>
              {isBusy ? 'Making…' : 'Make it as it is'}
            </Button>
            <Button onClick={() => setAsking(false)}>Not yet</Button>
          </div>
        </div>
      ) : (
        <Button
          weight="main"
          className="w-full text-lg"
          disabled={isBusy || !open}
          onClick={() => (words.length > 0 ? setAsking(true) : onMake())}
        >
          {label}
        </Button>
      )}
      <p className="text-soft">
        Making it keeps these outlines and positions for good; what you change later goes into later passes.
      </p>
    </div>
  );
}

interface MadePassDeedsProps {
  readonly runId: string;
  readonly no: number;
  readonly isTaken: boolean;
  /** Settings of the blade, in the maker's words: confirmed before the file is taken. */
  readonly blades: readonly string[];
  readonly isBusy: boolean;
  readonly onUnmake: () => void;
}

/** What can be done with a made pass: its file, and taking it back as long as nothing of it is cut. */
export function MadePassDeeds({ runId, no, isTaken, blades, isBusy, onUnmake }: MadePassDeedsProps) {
  const [set, setSet] = useState<ReadonlySet<string>>(new Set());
  const isSet = blades.every((blade) => set.has(blade));
  return (
    <div className="grid gap-2">
      {blades.map((blade) => (
        <Tick
          key={blade}
          checked={set.has(blade)}
          onChange={(isOn) => setSet(new Set(isOn ? [...set, blade] : [...set].filter((one) => one !== blade)))}
        >
          The blade is set: {blade}
        </Tick>
      ))}
      <div className="flex flex-wrap gap-2">
        {isSet ? (
          <ButtonLink href={`/api/runs/${runId}/passes/${no}/cut.svg`} weight="main" download>
            Take the cut file, SVG
          </ButtonLink>
        ) : (
          <Button weight="main" disabled>
            Set the blade, then take the cut file
          </Button>
        )}
        <Button disabled={isBusy} onClick={onUnmake}>
          Unmake it
        </Button>
      </div>
      <p className="text-soft">
        {isTaken ? 'Its file was taken. ' : ''}It can be unmade until something of it is cut; its pieces are laid out
        anew then.
      </p>
    </div>
  );
}

/** A pass that was taken back keeps its number and its row. */
export function UnmadeWords({ no }: { readonly no: number }) {
  return (
    <p className="border-l-4 border-rule-strong bg-paper px-3 py-1.5">
      Pass {no} was unmade: nothing of it counts, its file is not given out any more, and no other pass gets its number.
    </p>
  );
}
