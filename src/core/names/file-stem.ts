import { plainName } from './plain-name';

const MOST_CHARACTERS = 40;

/**
 * What a file of a run is called, without its ending: the last part of the title behind a colon, in small letters without accents,
 * words joined by hyphens. Empty when the title has neither letters nor figures.
 */
export function fileStem(title: string): string {
  const parts = title.split(':').map(stemOf);
  return parts.findLast((part) => part !== '') ?? '';
}

function stemOf(text: string): string {
  const words = plainName(text)
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');
  let stem = '';
  for (const word of words) {
    const longer = stem === '' ? word : `${stem}-${word}`;
    if ([...longer].length > MOST_CHARACTERS) break;
    stem = longer;
  }
  return stem || [...(words[0] ?? '')].slice(0, MOST_CHARACTERS).join('');
}
