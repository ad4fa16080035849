'use client';

import { randomBytes, useRun } from '@/client';
import { type MainPlace, changeMotifPart, changeMotifTool, firstLine, motifSlotName, motifToolIn } from '@/core/edit';
import type { Motif } from '@/core/shop';
import type { MotifUse } from '@/core/spec';
import { MotifDrawing } from '@/drawing';
import { Select } from '@/ui';
import { LETTERS_WORDS } from './layer-words';
import { PenField } from './pen-field';

interface MotifPartFieldProps {
  readonly place: MainPlace;
  readonly use: MotifUse;
  readonly motif: Motif;
  readonly part: number;
}

const LEFT_OUT = 'out';
const CUT_IN = 'in ';

/** A part cut in a colour that there is or in one of its own, drawn or marked, or left out. */
export function MotifPartField({ place, use, part, motif }: MotifPartFieldProps) {
  const { change } = useRun();
  const { at } = place;
  const own = use.layers.find((layer) => layer.part === part);
  const tool = motifToolIn(place, part);
  const known = [...new Set([...place.slots.map(({ slot }) => slot), motifSlotName(part), ...(own ? [own.slot] : [])])];
  const choose = (chosen: string) =>
    change((now) =>
      chosen === 'draw' || chosen === 'mark'
        ? changeMotifTool(now, at, { part, tool: firstLine(chosen) }, randomBytes)
        : changeMotifPart(
            now,
            at,
            { part, slot: chosen === LEFT_OUT ? null : chosen.slice(CUT_IN.length) },
            randomBytes,
          ),
    );
  return (
    <>
      <label className="flex items-center gap-2">
        <MotifDrawing
          motif={motif}
          hexOf={(one) => (one === part ? 'currentColor' : null)}
          className="h-8 w-12 shrink-0 bg-shade p-0.5"
        />
        <Select
          aria-label={`Part ${part + 1} is`}
          className="min-w-0 flex-1"
          options={[
            ...known.map((slot) => [`${CUT_IN}${slot}`, `cut in “${slot}”`] as const),
            ['draw', LETTERS_WORDS.draw],
            ['mark', LETTERS_WORDS.mark],
            [LEFT_OUT, 'left out'],
          ]}
          value={tool?.by ?? (own ? `${CUT_IN}${own.slot}` : LEFT_OUT)}
          onChange={choose}
        />
      </label>
      {tool && (
        <PenField
          tool={tool}
          onChange={(lineMm) =>
            change((now) => changeMotifTool(now, at, { part, tool: { ...tool, lineMm } }, randomBytes))
          }
        />
      )}
    </>
  );
}
