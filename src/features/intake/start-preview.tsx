'use client';

import { useLengths, useLetteringSample } from '@/client';
import { firstFilm } from '@/core/edit';
import { placeGeometry } from '@/core/place';
import { type Blank, DEFAULT_MATERIALS, type Lettering, measuredOf } from '@/core/shop';
import { ringPath } from '@/drawing';

interface StartPreviewProps {
  readonly blank: Blank;
  readonly lettering: Lettering;
  /** The first names of the list. */
  readonly texts: readonly string[];
}

/** The first names of a list in the place that they would get, as large as that allows, all at one scale. */
export function StartPreview({ blank, lettering, texts }: StartPreviewProps) {
  const { pair } = useLengths();
  const [variant] = blank.variants;
  const [role] = blank.places;
  const measured = variant && role && measuredOf(blank, variant, role.id);
  if (!variant || !role || !measured) return null;
  const { outline, usable, box } = placeGeometry(variant, measured);
  if (!usable) return null;
  const film = firstFilm(DEFAULT_MATERIALS, blank, variant.colour.hex) ?? FIRST_FILM;
  const { hex } = film.value.colour;
  return (
    <section aria-label="How they would come out" className="grid gap-2">
      <h2 className="heading-small">
        {blank.name}, {role.name} <span className="measure">{pair(box.widthMm, box.heightMm)}</span>
      </h2>
      <ul className="grid grid-cols-3 gap-2">
        {texts.map((text) => (
          <li key={text}>
            <svg
              role="img"
              aria-label={`${text} on ${blank.name}`}
              viewBox={`-4 -4 ${box.widthMm + 8} ${box.heightMm + 8}`}
              className="max-h-40 w-full"
              style={{ background: variant.colour.hex }}
            >
              <path
                d={ringPath(outline)}
                fill="none"
                className="stroke-rule-strong"
                strokeWidth="0.5"
                strokeDasharray="2 2"
              />
              <SampleInPlace lettering={lettering} text={text} usable={usable} hex={hex} />
            </svg>
          </li>
        ))}
      </ul>
    </section>
  );
}

interface SampleInPlaceProps {
  readonly lettering: Lettering;
  readonly text: string;
  readonly usable: NonNullable<ReturnType<typeof placeGeometry>['usable']>;
  readonly hex: string;
}

const [FIRST_FILM] = DEFAULT_MATERIALS;

/** As large as the usable rectangle holds, in its middle. */
function SampleInPlace({ lettering, text, usable, hex }: SampleInPlaceProps) {
  const sample = useLetteringSample(lettering, text);
  if (!sample) return null;
  const { x, y, width, height } = sample.box;
  return (
    <svg
      x={usable.xMm}
      y={usable.yMm}
      width={usable.widthMm}
      height={usable.heightMm}
      viewBox={`${x} ${y} ${width} ${height}`}
      preserveAspectRatio="xMidYMid meet"
    >
      <path d={sample.path} fillRule="evenodd" fill={hex} />
    </svg>
  );
}
