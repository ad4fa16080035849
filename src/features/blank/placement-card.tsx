'use client';

import { shownFits, useFits, useLengths, usePaper, useRun, useWork, variantWords } from '@/client';
import type { MainPlace } from '@/core/edit';
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
  const isWorking = useFits().kind === 'computing';
  const { unit, figure, word } = useLengths();
  const [paper, setPaper] = usePaper();
  const { useId, placeId } = place.at;
  const href = `/api/runs/${runId}/template.pdf?use=${useId}&place=${placeId}&paper=${paper}&length=${unit}`;
  const { items } = useWork().bench;
  const rows = shownFits(fits, items).filter(({ fit, layers }) => fit.emMm > 0 || layers.some(({ frozen }) => frozen));
  const { kind } = place.measured.datum;
  const hasVariants = place.blank.variants.length > 1;
  const variantOf = (id: string | null) => {
    const variant = place.blank.variants.find((one) => one.id === id);
    return variant ? variantWords(variant) : '';
  };
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
            onChange={(id) => setPaper(id === 'letter' ? 'letter' : 'a4')}
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
            {rows.map(({ fit, text, onBlank, isSpotLost }) => (
              <tr key={fit.itemId} className="border-b border-rule">
                <td className="px-2 py-1">{text.join(' / ')}</td>
                {hasVariants && <td className="px-2 py-1 text-soft">{variantOf(fit.variantId)}</td>}
                {onBlank ? (
                  [onBlank.leftMm, onBlank.rightMm, onBlank.dropMm].map((mm, i) => (
                    <td key={i} className="measure px-2 py-1 text-right">
                      {figure(mm)}
                    </td>
                  ))
                ) : (
                  <td colSpan={3} className="px-2 py-1 text-right text-soft">
                    {isSpotLost ? 'where it lies was not kept' : 'no room in its place'}
                  </td>
                )}
                <td className="px-2 py-1 text-right">
                  <a
                    href={`${href}&entry=${fit.entryId}`}
                    download
                    className="text-link"
                    aria-label={`Template of ${text.join(' ')}`}
                  >
                    template
                  </a>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {rows.length === 0 && (
          <p className="p-2 text-soft">
            {isWorking ? 'Working out where each text lies…' : 'No text with a place yet.'}
          </p>
        )}
      </div>
    </section>
  );
}
