import { contrastProblem } from '../colour';
import { type Finding, hasStop } from '../finding';
import { gainWithoutExtenders } from '../largest';
import { type RunSpec, UNREAD_QUANTITY, findMaterial } from '../spec';
import type { Draft } from './draft-fit';
import type { SetSize, SizedText } from './size-set';

/** A descender or an accent is worth a note once it costs this much letter height. */
const WORTH_A_NOTE_MM = 0.5;

/** Everything that is to say about a sized fit, stops first. What depends on strokes is measured later. */
export function fitFindings(spec: RunSpec, draft: Draft, text: SizedText, set: SetSize | null): Finding[] {
  const { slot, findings } = draft;
  return [
    ...findings,
    ...slot.findings.filter(({ severity }) => severity !== 'stop'),
    ...quantityFindings(draft),
    ...sizeFindings(draft, text, set),
    ...contrastFindings(spec, draft),
  ];
}

function quantityFindings({ slot: { entry } }: Draft): Finding[] {
  const said = entry.fields[UNREAD_QUANTITY];
  return said === undefined ? [] : [{ kind: 'unreadQuantity', severity: 'check', said }];
}

/** What is worth saying about a size that is possible: smaller than its set, or smaller for a descender's sake. */
function sizeFindings(
  draft: Draft,
  { letterMm, isHeld, missed, isBetween }: SizedText,
  set: SetSize | null,
): Finding[] {
  const { lettered, lettering, largest, space, letterEm, sizable, findings } = draft;
  if (!lettered.inkBox || !largest || !space || hasStop(findings)) return [];
  const found: Finding[] = [];
  const capHeightMm = (letterMm / letterEm) * lettered.capHeightEm;
  if (isHeld && capHeightMm < lettering.minLetterHeightMm) {
    found.push({ kind: 'tooSmall', severity: 'stop', capHeightMm, leastMm: lettering.minLetterHeightMm });
  }
  if (set !== null && set.heldBackBy === null && sizable.mostMm < set.letterMm && !sizable.own) {
    found.push({ kind: 'belowSet', severity: 'check', capHeightMm: sizable.mostMm, setMm: set.letterMm });
  }
  if (isBetween && set) {
    found.push({
      kind: 'belowSet',
      severity: 'check',
      capHeightMm: letterMm,
      setMm: Math.min(set.letterMm, sizable.mostMm),
    });
  }
  if (missed) {
    const mm = missed.by === 'height' ? letterMm : letterMm * sizable.widthPerHeight;
    found.push({ kind: 'belowOwn', severity: 'check', by: missed.by, mm, askedMm: missed.mm });
  }
  if (!isHeld && largest.boundBy !== 'width') {
    const costMm = gainWithoutExtenders(lettered, space, largest) * letterEm;
    if (costMm >= WORTH_A_NOTE_MM) found.push({ kind: 'extenderCosts', severity: 'note', costMm });
  }
  return found;
}

function contrastFindings(spec: RunSpec, { slot: { variant }, materialId, lettered }: Draft): Finding[] {
  if (!variant || !lettered.inkBox) return [];
  const { colour } = findMaterial(spec, materialId);
  const problem = problemOf(colour.hex, variant.colour.hex);
  if (!problem) return [];
  const { why, difference } = problem;
  return [{ kind: 'lowContrast', severity: 'check', why, film: colour.name, blank: variant.colour.name, difference }];
}

const known = new Map<string, ReturnType<typeof contrastProblem>>();
const MOST_KEPT = 1000;

/** A run has a handful of pairs, and every fit asks. */
function problemOf(film: string, blank: string): ReturnType<typeof contrastProblem> {
  const key = `${film} ${blank}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  if (known.size >= MOST_KEPT) known.clear();
  const problem = contrastProblem(film, blank);
  known.set(key, problem);
  return problem;
}
