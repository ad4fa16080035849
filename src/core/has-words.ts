/** Whether every word that is looked for stands somewhere in a text, whatever their case and accents; nothing looked for is in all. */
export function hasWords(text: string, lookedFor: string): boolean {
  const words = folded(lookedFor).split(/\s+/).filter(Boolean);
  const where = words.length > 0 ? folded(text) : '';
  return words.every((word) => where.includes(word));
}

function folded(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}
