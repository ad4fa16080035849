import { memo, useRef } from 'react';
import { findingSentence } from '@/client';
import { worstSeverity } from '@/core/finding';
import type { MeasuredPlace } from '@/core/run';
import { formatMm, formatMmPair } from '@/core/units';
import { SeverityTag } from '@/ui';
import type { ScreenFit } from '@/workers/fit-protocol';
import { PATH_UNITS_PER_EM, type TextPaths } from '@/workers/text-paths';
import { useIsNear } from './use-is-near';

interface FitTileProps {
  readonly fit: ScreenFit;
  readonly paths: TextPaths;
  readonly place: MeasuredPlace;
  readonly cloth: string;
  readonly film: string;
}

/** Cloth shown around the place, so that its edge can be seen. */
const AROUND_MM = 6;

/** One fit, drawn by its cut outline. Every tile shows the same millimetres, so that two can be compared by eye. */
export const FitTile = memo(function FitTile({ fit, paths, place, cloth, film }: FitTileProps) {
  const tile = useRef<HTMLLIElement>(null);
  const isNear = useIsNear(tile);
  const { widthMm, heightMm } = place.outline;
  const worst = worstSeverity(fit.findings);
  const text = fit.text.join(' ');
  return (
    <li ref={tile} className="min-w-0 [content-visibility:auto] [contain-intrinsic-size:auto_140px]" data-testid="fit">
      <svg
        role="img"
        aria-label={`${text} in its place`}
        viewBox={`${-AROUND_MM} ${-AROUND_MM} ${widthMm + 2 * AROUND_MM} ${heightMm + 2 * AROUND_MM}`}
        className={`w-full ${worst === 'stop' ? 'border-[3px] border-madder' : ''}`}
        style={{ background: cloth }}
      >
        <rect
          width={widthMm}
          height={heightMm}
          fill="none"
          stroke="#8d8776"
          strokeWidth="0.5"
          strokeDasharray="2.5 1.8"
        />
        <path
          d={isNear ? paths.pathOf(fit.textNo) : ''}
          fill={film}
          fillRule="evenodd"
          transform={`translate(${fit.xMm} ${fit.yMm}) scale(${fit.emMm / PATH_UNITS_PER_EM})`}
        />
      </svg>
      <div className="mt-1 flex items-start justify-between gap-2">
        <h2 className="min-w-0 font-semibold break-words">{text}</h2>
        {worst && worst !== 'note' && <SeverityTag severity={worst} />}
      </div>
      <p className="measure text-[0.82rem] text-soft">
        <span title="cap height">{formatMm(fit.capHeightMm)} mm cap</span> ·{' '}
        <span title="ink, width × height">{formatMmPair(fit.inkWidthMm, fit.inkHeightMm)} mm</span>
      </p>
      {fit.findings.map((finding) => (
        <p key={finding.kind} className={`text-[0.86rem] ${finding.severity === 'note' ? 'text-soft' : 'text-ink'}`}>
          {findingSentence(finding)}
        </p>
      ))}
    </li>
  );
});
