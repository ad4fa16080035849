import type { FaceFileProblem } from '@/services';

const OTHER_FILE = 'Take the TTF, OTF, WOFF or WOFF2 that its maker sends.';
const ANOTHER_COPY = 'Take another copy of the file from its maker.';

/** Why a font file is not taken and what to do, after its name. */
export function faceSentence(problem: FaceFileProblem): string {
  switch (problem.kind) {
    case 'notAFont':
      return `is no font file. ${OTHER_FILE}`;
    case 'collection':
      return 'has several faces in one file. Take the file that has one face alone.';
    case 'tooLarge':
      return `is larger than the ${problem.mostBytes / 1_000_000} MB that a face may have. Take one that has fewer writings.`;
    case 'tableOutside':
      return `ends before its table “${shown(problem.tag)}” does: it is damaged, or not all of it is here. ${ANOTHER_COPY}`;
    case 'tableMissing':
      return `has no table “${shown(problem.tag)}”, without which no letter is set. ${OTHER_FILE}`;
    case 'letterWithoutOutline':
      return `draws nothing for “${problem.letter}”, by which every size is measured. ${ANOTHER_COPY}`;
    case 'tablesDamaged':
      return `is damaged: its ${problem.tags.length === 1 ? 'table' : 'tables'} ${problem.tags.map((tag) => `“${shown(tag)}”`).join(', ')} ${problem.tags.length === 1 ? 'is' : 'are'} not what the file says. ${ANOTHER_COPY}`;
    case 'lettersDamaged':
      return `draws ${problem.letters.length} of its letters as nothing, or as what no blade could follow (${problem.letters.slice(0, 6).join(' ')}). ${ANOTHER_COPY}`;
    case 'damagedPack':
      return `is a ${problem.as} that cannot be unpacked. ${ANOTHER_COPY}`;
    case 'tookTooLong':
      return `was not read within ${problem.seconds} seconds and was given up. ${ANOTHER_COPY}`;
  }
}

/** Four letters of a file from outside, without what does not show. */
function shown(tag: string): string {
  return tag.replaceAll(/[^\x20-\x7e]/g, '?');
}
