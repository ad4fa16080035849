import { type Expected, pictureFaults } from './picture-faults';
import { readSvg } from './read-svg';
import { type Clearances, shapeFaults } from './shape-faults';

export type { Expected } from './picture-faults';

/**
 * The one judge of cut files. Reads the file and what is known without it (which text, which face, which place, which
 * material), and answers every fault in words; none means that the file may be cut.
 */
export function checkCutFile(svg: string, expectedOf: (text: string) => Expected, clearances: Clearances): string[] {
  let file;
  try {
    file = readSvg(svg);
  } catch (error) {
    return [error instanceof Error ? error.message : String(error)];
  }
  if (file.pieces.length === 0) return ['there is no piece in the file'];
  return [
    ...shapeFaults(file, clearances),
    ...file.pieces.flatMap((piece) => pictureFaults(piece, expectedOf(piece.text))),
  ];
}
