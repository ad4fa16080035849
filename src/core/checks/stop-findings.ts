import type { Artwork } from '../artwork';
import { facesCovering } from '../faces';
import type { Finding } from '../finding';
import { apartStops } from './apart-findings';
import type { Fit } from '../fit';
import { type Slot, UNPRINTABLE } from '../resolve';
import { faceNameOf } from '../shop';

/** What keeps a fit from being made: its place, its words, its letters, its size. */
export function stopFindings({ slot, artwork, draft }: Fit): Finding[] {
  const { variant, leastHeightMm } = slot;
  const unusable: Finding[] = variant && !draft.space ? [{ kind: 'placeUnusable', severity: 'stop' }] : [];
  const words = slot.findings.filter(({ severity }) => severity === 'stop');
  const absent = absentFaces(slot, artwork);
  const missing = artwork.missing.filter(({ line, run }) => !artwork.absent.includes(faceAt(slot, line, run)));
  const found = [...words, ...absent, ...missingLetters(slot.text.join(' '), missing, words)];
  const isWordless = slot.text.join('').trim() === '';
  if (!artwork.inkBox || isWordless) {
    if (found.length === 0) found.push({ kind: 'nothingToDraw', severity: 'stop' });
  } else if (draft.isTooSmall && draft.largest) {
    found.push(tooSmall(artwork, draft.largest.emMm, leastHeightMm));
  }
  return [...unusable, ...found, ...apartStops({ slot, artwork })];
}

function faceAt({ lines }: Slot, lineNo: number, run: number): string {
  return lines.find(({ no }) => no === lineNo)?.runs[run]?.face ?? '';
}

/** One for all faces whose files are not here: what they lack is every letter. */
function absentFaces({ lines }: Slot, { absent }: Artwork): Finding[] {
  if (absent.length === 0) return [];
  const names = lines.flatMap(({ runs }) => runs.filter(({ face }) => absent.includes(face)).map(faceNameOf));
  return [{ kind: 'faceAbsent', severity: 'stop', faceNames: [...new Set(names)] }];
}

/** The lowest capitals decide; of another line than the first it is said. */
export function tooSmall({ lowest }: Pick<Artwork, 'lowest'>, emMm: number, leastMm: number): Finding {
  const capHeightMm = lowest.capHeightEm * emMm;
  const at = lowest.line === 0 ? {} : { at: { line: lowest.line } };
  return { kind: 'tooSmall', severity: 'stop', capHeightMm, leastMm, ...at };
}

/** One for each run that lacks letters. What cannot be printed at all is told by its number already. */
function missingLetters(
  text: string,
  missing: Fit['artwork']['missing'],
  words: readonly Finding[],
): readonly Finding[] {
  if (words.some(({ kind }) => kind === 'textTooLong')) return [];
  const byRun = new Map<string, { line: number; run: number; characters: string[] }>();
  for (const { character, line, run } of missing) {
    if (character.match(UNPRINTABLE)) continue;
    const key = `${line} ${run}`;
    const own = byRun.get(key) ?? { line, run, characters: [] };
    own.characters.push(character);
    byRun.set(key, own);
  }
  const isPrintable = !words.some(({ kind }) => kind === 'unprintable');
  return [...byRun.values()].map(({ line, run, characters }): Finding => {
    const coveredBy = isPrintable ? facesCovering(text.normalize('NFC').replace(/\s/gu, '')) : [];
    return { kind: 'characterMissing', severity: 'stop', characters, coveredBy, at: { line, run } };
  });
}
