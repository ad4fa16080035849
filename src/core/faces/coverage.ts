import { SHIPPED_COVERAGE } from './shipped-coverage';

type Ranges = readonly (readonly [first: number, last: number])[];

/** Characters of each shipped face by hash; read once, so that no face has to be opened to answer. */
const TABLE: ReadonlyMap<string, Ranges> = new Map(
  Object.entries(SHIPPED_COVERAGE).map(([sha, text]) => [
    sha,
    text.split(',').map((range) => {
      const [first = '', last = first] = range.split('-');
      return [Number.parseInt(first, 16), Number.parseInt(last, 16)] as const;
    }),
  ]),
);

/** Hashes of the shipped faces that have every one of these characters. */
export function facesCovering(characters: Iterable<string>): string[] {
  const codes = [...characters].flatMap((text) => [...text].map((character) => character.codePointAt(0)!));
  return [...TABLE].filter(([, ranges]) => codes.every((code) => isIn(ranges, code))).map(([sha]) => sha);
}

function isIn(ranges: Ranges, code: number): boolean {
  return ranges.some(([first, last]) => code >= first && code <= last);
}
