import type { Finding } from '../finding';
import type { Fit } from '../fit';

/** Heads and feet of letters whose distances differ by more than this share are seen to crowd. */
const SEEN_SHARE = 0.15;

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
function crowded({ artwork: { bent }, emMm, slot }: Pick<Fit, 'artwork' | 'emMm' | 'slot'>): Finding[] {
  if (!bent || !slot.form.bend) return [];
  const half = bent.heightEm / 2;
  const share = (bent.radiusEm + half) / (bent.radiusEm - half) - 1;
  if (share <= SEEN_SHARE) return [];
  return [
    {
      kind: 'bendCrowds',
      severity: 'check',
      side: slot.form.bend.way === 'arch' ? 'feet' : 'heads',
      crowdedPct: share * 100,
      radiusMm: bent.radiusEm * emMm,
      leastRadiusMm: half * ((2 + SEEN_SHARE) / SEEN_SHARE) * emMm,
    },
  ];
}
