import type { Finding } from '../finding';
import type { Fit } from '../fit';
import { placeGeometry } from '../place';

type Past = Extract<Finding, { kind: 'placePast' }>['past'];

/** Less is what rounding leaves. */
const WORTH_A_WORD_MM = 0.5;

/**
 * Places that reach beyond what is seen of the blank: past a fold, a hem or an edge whatever lies there is lost; beyond what faces the
 * reader lettering is not laid, so that it is only noted.
 */
export function reachFindings({ slot: { variant, measured } }: Fit): Finding[] {
  if (!variant || !measured) return [];
  const { problems, box, window } = placeGeometry(variant, measured);
  const past = (side: string): Past => {
    if (measured.wrap?.kind === 'folded') return 'fold';
    return side === 'bottom' && measured.datum.kind === 'hem' ? 'hem' : 'edge';
  };
  const over = problems.flatMap((problem): Finding[] => {
    if (problem.kind !== 'overEdge' || problem.byMm < WORTH_A_WORD_MM) return [];
    const { side, byMm } = problem;
    return [{ kind: 'placePast', severity: 'check', past: past(side), side, byMm }];
  });
  if (!window) return over;
  const seenMm = Math.min(box.widthMm, window.toMm) - Math.max(0, window.fromMm);
  const byMm = box.widthMm - seenMm;
  return byMm < WORTH_A_WORD_MM
    ? over
    : [...over, { kind: 'placePast', severity: 'note', past: 'angle', side: 'both', byMm }];
}
