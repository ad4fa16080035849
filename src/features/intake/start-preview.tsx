'use client';

import { useMemo } from 'react';
import { randomBytes, useComputedFits, useLengths } from '@/client';
import { beginOn } from '@/core/blanks';
import { mainPlace, newRunSpec, withShop } from '@/core/edit';
import { placeGeometry } from '@/core/place';
import { entriesFromList, readPasted } from '@/core/roster';
import { Ink, PlaceGround, filmsOf, layersOfFit } from '@/drawing';
import type { useStartChoice } from './use-start-choice';

interface StartPreviewProps {
  readonly choice: Pick<ReturnType<typeof useStartChoice>, 'blank' | 'lettering' | 'materials' | 'letterings'>;
  /** The first names of the list. */
  readonly texts: readonly string[];
}

/** The first names of a list as they would be cut: the run as it would begin, computed as every run is. */
export function StartPreview({ choice, texts }: StartPreviewProps) {
  const { pair } = useLengths();
  const { blank, lettering, materials, letterings } = choice;
  const said = texts.join('\n');
  const spec = useMemo(() => {
    const pasted = readPasted(said, 'lines');
    const entries = entriesFromList(pasted.kind === 'lines' ? pasted.lines : [], randomBytes);
    const bare = newRunSpec({ title: 'a new run', dueOn: null, entries }, randomBytes);
    const { beds, cards } = bare.shop;
    const isRead = materials.length > 0 && letterings.length > 0;
    return beginOn(isRead ? withShop(bare, { materials, letterings, beds, cards }) : bare, { blank, lettering });
  }, [said, blank, lettering, materials, letterings]);
  const { fits, paths } = useComputedFits(spec);
  // What is drawn lies in the place that it was computed for.
  const drawn = (fits.kind === 'computing' && fits.of) || spec;
  const place = mainPlace(drawn);
  const { outline, clear, box } = placeGeometry(place.variant, place.measured);
  const shown = (fits.last?.fits ?? []).filter(({ placeId }) => placeId === place.at.placeId);
  const filmOf = filmsOf(drawn.shop.materials);
  return (
    <section aria-label="How they would come out" className="grid gap-2">
      <h2 className="heading-small">
        {place.blank.name}, {place.role.name} <span className="measure">{pair(box.widthMm, box.heightMm)}</span>
      </h2>
      <ul className="grid grid-cols-3 gap-2">
        {shown.map((fit) => (
          <li key={fit.itemId}>
            <svg
              role="img"
              aria-label={`${fit.text.join(' ')} on ${place.blank.name}`}
              viewBox={`-4 -4 ${box.widthMm + 8} ${box.heightMm + 8}`}
              className="max-h-40 w-full"
              style={{ background: place.variant.colour.hex }}
            >
              <PlaceGround outline={outline} clear={clear} lineWidth={0.5} />
              {fit.spot && <Ink layers={layersOfFit(fit, paths, filmOf)} />}
            </svg>
          </li>
        ))}
      </ul>
    </section>
  );
}
