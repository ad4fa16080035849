import type { Finding } from '@/core/finding';
import { assertNever } from '@/core/outcome';
import { DEFAULT_LETTERINGS } from '@/core/run';
import { formatMm } from '@/core/units';

/** What a finding says to the maker, with what to do where something has to be done. */
export function findingSentence(finding: Finding): string {
  switch (finding.kind) {
    case 'nothingToDraw':
      return 'nothing to draw: the text is empty';
    case 'textTooLong':
      return `${finding.numCharacters} characters are more than the ${finding.most} of a text: was a whole list pasted into one line?`;
    case 'unprintable':
      return `holds characters that nothing can be cut for (${finding.codes.map(codeOf).join(' ')}): type the text anew`;
    case 'characterMissing':
      return `${finding.characters.map(nameOfCharacter).join(' ')} missing in this face: ${coverSentence(finding.coveredBy)}`;
    case 'thinStroke':
      return `thinnest stroke ${formatMm(finding.widthMm, 2)} mm, the material takes ${formatMm(finding.leastMm, 2)} mm: larger letters, a bolder face or another material`;
    case 'narrowGap':
      if (finding.closes) return `a gap closes to a point where letters join: weed it from its wide end`;
      return `narrowest gap ${formatMm(finding.widthMm, 2)} mm, the material takes ${formatMm(finding.leastMm, 2)} mm: larger letters, or more tracking where letters do not join`;
    case 'smallHole':
      return `smallest hole ${formatMm(finding.widthMm, 2)} mm, the material takes ${formatMm(finding.leastMm, 2)} mm: larger letters or another face`;
    case 'tooSmall':
      return `capitals would be ${formatMm(finding.capHeightMm)} mm, the least is ${formatMm(finding.leastMm)} mm: shorten the text, choose a narrower lettering or a larger place`;
    case 'unreadQuantity':
      return `“${finding.said}” is no number of pieces: one is made until you type how many`;
    case 'belowSet':
      return `its place holds capitals of ${formatMm(finding.capHeightMm)} mm, the set has ${formatMm(finding.setMm)} mm`;
    case 'extenderCosts':
      return `a descender or an accent costs ${formatMm(finding.costMm)} mm of letter height`;
    default:
      return assertNever(finding);
  }
}

/** The same in a few words, for a row in which the whole would hide the others. */
export function findingWords(finding: Finding): string {
  switch (finding.kind) {
    case 'nothingToDraw':
      return 'empty';
    case 'textTooLong':
      return `${finding.numCharacters} characters`;
    case 'unprintable':
      return `unreadable ${finding.codes.map(codeOf).join(' ')}`;
    case 'characterMissing':
      return `no ${finding.characters.map(nameOfCharacter).join(' ')} in this face`;
    case 'thinStroke':
      return `stroke ${formatMm(finding.widthMm, 2)} mm`;
    case 'narrowGap':
      return `gap ${formatMm(finding.widthMm, 2)} mm`;
    case 'smallHole':
      return `hole ${formatMm(finding.widthMm, 2)} mm`;
    case 'tooSmall':
      return `capitals ${formatMm(finding.capHeightMm)} mm`;
    case 'unreadQuantity':
      return `“${finding.said}” is no number`;
    case 'belowSet':
      return `smaller than the set`;
    case 'extenderCosts':
      return `extender costs ${formatMm(finding.costMm)} mm`;
    default:
      return assertNever(finding);
  }
}

/** The character itself, or its number where nobody could see it: controls, spaces, marks without a letter. */
function nameOfCharacter(character: string): string {
  if (!/^[\p{C}\p{Z}\p{M}]/u.test(character)) return character;
  return codeOf(character.codePointAt(0) ?? 0);
}

function codeOf(code: number): string {
  return `U+${code.toString(16).toUpperCase().padStart(4, '0')}`;
}

/** Which shipped face would do, in the words that the lettering is chosen by. */
function coverSentence(coveredBy: readonly string[]): string {
  const names = DEFAULT_LETTERINGS.filter(({ value }) => coveredBy.includes(value.lines[0]?.face ?? '')).map(
    ({ value }) => value.name,
  );
  return names.length === 0
    ? 'no shipped face has it; change the spelling'
    : `${names.join(' or ')} has ${names.length === 1 ? 'the whole text' : 'it'}`;
}
