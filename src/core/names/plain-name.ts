/** Small letters without accents: whoever looks for Sørbø types sorbo, and Siân may be Sian. */
export function plainName(text: string): string {
  return (
    text
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/ø/g, 'o')
      .replace(/ł/g, 'l')
      .replace(/ß/g, 'ss')
      .replace(/æ/g, 'ae')
      .replace(/œ/g, 'oe')
      .replace(/[đð]/g, 'd')
      .replace(/þ/g, 'th')
      // Turkish writes it without a dot, and a list without its letters with one.
      .replace(/ı/g, 'i')
  );
}
