'use client';

import { useHeat, useHeater, useLengths, usePaper, useRun } from '@/client';
import { pressRows } from '@/core/press';
import { SHEETS_WIN, pressLine, readingWords } from '@/core/sentences';
import type { PassOnBed } from '@/services';
import { ButtonLink } from '@/ui';

interface SlipPressProps {
  readonly runId: string;
  readonly pass: PassOnBed;
  /** Only what is made has a sheet of its own. */
  readonly isMade: boolean;
}

/** What comes after the cut: the same card as at the bench, in a line for each film and blank. */
export function SlipPress({ runId, pass, isMade }: SlipPressProps) {
  const { spec } = useRun();
  const heat = useHeat();
  const [heater] = useHeater();
  const { unit } = useLengths();
  const [paper] = usePaper();
  const pieces = pass.patches.flatMap(({ materialId, pieces: own }) =>
    own.map(({ pieceId }) => ({ pieceId, materialId })),
  );
  const rows = pressRows(spec, pieces, heater);
  const asked = new URLSearchParams({ pass: String(pass.no), heater, heat: heat.unit, length: unit, paper });
  return (
    <section aria-label="Then press" className="mt-3">
      <h3 className="font-bold">Then press</h3>
      <ul className="my-1 grid gap-1.5">
        {rows.flatMap(({ blankName, placeName, readingDeg, presses }) =>
          presses.map(({ materialName, answer, steps }) => (
            <li key={`${blankName} ${placeName} ${materialName}`}>
              {materialName} on {blankName.toLowerCase()}, {placeName}: <b>{pressLine({ answer, steps }, heat)}</b>
              {readingDeg !== 0 && `; it reads ${readingWords(readingDeg)}`}
            </li>
          )),
        )}
      </ul>
      <p className="text-sm text-soft">{SHEETS_WIN}</p>
      {isMade && (
        <p className="mt-2">
          <ButtonLink href={`/api/runs/${runId}/press-sheet.pdf?${asked}`} download>
            Press sheet, PDF
          </ButtonLink>
        </p>
      )}
    </section>
  );
}
