import type { Finding } from '../finding';
import type { Fit } from '../fit';

/** Heads and feet of letters whose distances differ by more than this share are seen to crowd. */
const SEEN_SHARE = 0.15;
/** Round a monogram letters are small beside it: there it is seen later. */
const SEEN_ROUND = 0.35;

/** What is to say of how the lines of a text stand and run. */
export function formFindings({ artwork, emMm, slot }: Fit): Finding[] {
  return [...unformed({ artwork, slot }), ...(emMm > 0 ? crowded({ artwork, emMm, slot }) : [])];
}

function unformed({ artwork, slot }: Pick<Fit, 'artwork' | 'slot'>): Finding[] {
  const shape = slot.form.monogram?.shape;
  if (!shape) return [];
  return artwork.unformed.map(({ line, numLetters }): Finding => ({
    kind: 'monogramUnformed',
    severity: 'check',
    numLetters,
    shape,
    at: { line },
  }));
}

/** The radius is that of the middle of the letters: on one side of it they are drawn together, on the other apart. */
function crowded({ artwork: { bent, round }, emMm, slot }: Pick<Fit, 'artwork' | 'emMm' | 'slot'>): Finding[] {
  const { bend } = slot.form;
  const all = bent && bend ? [{ ...bent, way: bend.way }] : round;
  return all.flatMap((one): Finding[] => {
    const half = one.heightEm / 2;
    const share = (one.radiusEm + half) / (one.radiusEm - half) - 1;
    const seen = 'line' in one ? SEEN_ROUND : SEEN_SHARE;
    if (share <= seen) return [];
    return [
      {
        kind: 'bendCrowds',
        severity: 'check',
        side: one.way === 'arch' ? 'feet' : 'heads',
        crowdedPct: share * 100,
        radiusMm: one.radiusEm * emMm,
        leastRadiusMm: half * ((2 + seen) / seen) * emMm,
        ...('line' in one ? { at: { line: one.line } } : {}),
      },
    ];
  });
}
