import type { Finding } from '@/core/finding';
import { assertNever } from '@/core/outcome';
import { formatMm } from '@/core/units';

/** What a finding says to the maker, with what to do where something has to be done. */
export function findingSentence(finding: Finding): string {
  switch (finding.kind) {
    case 'nothingToDraw':
      return 'nothing to draw: the text is empty';
    case 'characterMissing':
      return `${finding.characters.map(nameOfCharacter).join(' ')} missing in this face: change the lettering or the spelling`;
    case 'tooSmall':
      return `capitals would be ${formatMm(finding.capHeightMm)} mm, the least is ${formatMm(finding.leastMm)} mm: shorten the text, choose a narrower lettering or a larger place`;
    case 'belowSet':
      return `its place holds capitals of ${formatMm(finding.capHeightMm)} mm, the set has ${formatMm(finding.setMm)} mm`;
    case 'extenderCosts':
      return `a descender or an accent costs ${formatMm(finding.costMm)} mm of letter height`;
    default:
      return assertNever(finding);
  }
}

/** The character itself, or its number where nobody could see it: controls, spaces, marks without a letter. */
function nameOfCharacter(character: string): string {
  if (!/^[\p{C}\p{Z}\p{M}]/u.test(character)) return character;
  return `U+${(character.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')}`;
}
