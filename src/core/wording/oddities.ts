/** What is unusual about one text among the others of its place. */
export type Oddity = 'longest' | 'shortest' | 'onlyCapitals' | 'onlySmall' | 'onlyPet' | 'ownWords';

interface WordedText {
  readonly text: string;
  /** It says the pet name where others say the given name. */
  readonly isPet: boolean;
  /** It was typed for this entry alone. */
  readonly isOwn: boolean;
}

const LONGEST_SHARE = 1.25;

/**
 * What a maker would want pointed out, text by text: the single longest and shortest where they stand out by a quarter,
 * the few in another case or with a pet name among many, and words of an entry's own.
 */
export function oddities(texts: readonly WordedText[]): Oddity[][] {
  const found: Oddity[][] = texts.map(() => []);
  const filled = texts.map((_, i) => i).filter((i) => texts[i]!.text !== '');
  const lengths = filled.map((i) => [...texts[i]!.text].length).sort((a, b) => a - b);
  const [least = 0, second = 0] = lengths;
  const [most = 0, secondMost = 0] = [...lengths].reverse();
  for (const i of filled) {
    const { text, isPet, isOwn } = texts[i]!;
    const length = [...text].length;
    if (filled.length > 2 && length === most && most >= secondMost * LONGEST_SHARE) found[i]!.push('longest');
    if (filled.length > 2 && length === least && second >= least * LONGEST_SHARE) found[i]!.push('shortest');
    if (isPet && isRare(filled, (k) => texts[k]!.isPet)) found[i]!.push('onlyPet');
    if (isOwn) found[i]!.push('ownWords');
    if (isCapitals(text) && isRare(filled, (k) => isCapitals(texts[k]!.text))) found[i]!.push('onlyCapitals');
    if (isSmall(text) && isRare(filled, (k) => isSmall(texts[k]!.text))) found[i]!.push('onlySmall');
  }
  return found;
}

function isRare(among: readonly number[], holds: (i: number) => boolean): boolean {
  return among.filter(holds).length * 3 <= among.length;
}

const isCapitals = (text: string) => /\p{Lu}.*\p{Lu}.*\p{Lu}/su.test(text) && !/\p{Ll}/u.test(text);
const isSmall = (text: string) => /\p{Ll}/u.test(text) && !/\p{Lu}/u.test(text);
