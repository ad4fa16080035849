const graphemes = new Intl.Segmenter('en', { granularity: 'grapheme' });

/** A letter of a line as a reader counts them. */
export interface LineLetter {
  readonly no: number;
  readonly character: string;
  /** In UTF-16 units of the line. */
  readonly at: number;
}

/** Every letter of a line, spaces among them. */
export function lineLetters(text: string): LineLetter[] {
  return [...graphemes.segment(text)].map(({ segment, index }, no) => ({ no, character: segment, at: index }));
}

export function isSpace({ character }: Pick<LineLetter, 'character'>): boolean {
  return character.trim() === '';
}
