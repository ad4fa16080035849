'use client';

import { useState } from 'react';
import { useLengths, useRun, variantWords } from '@/client';
import { inkOnBlank } from '@/core/place';
import type { MainPlace } from '@/core/edit';
import { measuredOf } from '@/core/shop';
import { ButtonLink, Choice } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { DATUM_WORDS } from './sentences';

interface PlacementCardProps {
  readonly place: MainPlace;
  /** The fits of this place. */
  readonly fits: readonly ScreenFit[];
}

/** Where a ruler is laid for each text, to its ink; and the place on paper at its true size. */
export function PlacementCard({ place, fits }: PlacementCardProps) {
  const { runId } = useRun();
  const { figure, word } = useLengths();
  const [paper, setPaper] = useState('a4');
  const { useId, placeId } = place.at;
  const href = `/api/runs/${runId}/template.pdf?use=${useId}&place=${placeId}&paper=${paper}`;
  const rows = fits.flatMap((fit) => rowOf(place, fit) ?? []);
  const { kind } = place.measured.datum;
  const hasVariants = place.blank.variants.length > 1;
  return (
    <section aria-label="Placement card" className="grid gap-2">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2 className="heading-small">Placement card: to the ink itself, in {word}</h2>
        <div className="flex items-end gap-2">
          <Choice
            label="Paper"
            options={[
              { id: 'a4', label: 'A4' },
              { id: 'letter', label: 'Letter' },
            ]}
            value={paper}
            onChange={setPaper}
          />
          <ButtonLink href={href} download>
            Template, true size
          </ButtonLink>
        </div>
      </div>
      <div className="max-h-72 overflow-auto" tabIndex={0} role="region" aria-label="Distances of every text">
        <table className="w-full bg-paper">
          <thead>
            <tr className="border-b border-ink text-left">
              {[
                'Text',
                ...(hasVariants ? ['Size, colour'] : []),
                'left',
                'right',
                kind === 'hem' ? 'above hem' : `below ${DATUM_WORDS[kind]}`,
                'on paper',
              ].map((name) => (
                <th key={name} scope="col" className="heading-small px-2 py-1 font-normal">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ fit, ink, variant }) => (
              <tr key={fit.itemId} className="border-b border-rule">
                <td className="px-2 py-1">{fit.text.join(' / ')}</td>
                {hasVariants && <td className="px-2 py-1 text-soft">{variantWords(variant)}</td>}
                {[ink.leftMm, ink.rightMm, ink.dropMm].map((mm, i) => (
                  <td key={i} className="measure px-2 py-1 text-right">
                    {figure(mm)}
                  </td>
                ))}
                <td className="px-2 py-1 text-right">
                  <a
                    href={`${href}&entry=${fit.entryId}`}
                    download
                    className="underline underline-offset-4"
                    aria-label={`Template of ${fit.text.join(' ')}`}
                  >
                    template
                  </a>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {rows.length === 0 && <p className="p-2 text-soft">No text with a place yet.</p>}
      </div>
    </section>
  );
}

function rowOf({ blank, placeUse }: MainPlace, fit: ScreenFit) {
  const variant = blank.variants.find(({ id }) => id === fit.variantId);
  const measured = variant && measuredOf(blank, variant, placeUse.placeId);
  if (!variant || !measured || fit.emMm === 0) return null;
  return [{ fit, variant, ink: inkOnBlank(variant, measured, fit.inkWidthMm, fit.inkHeightMm) }];
}
