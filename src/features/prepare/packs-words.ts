/** How many packs are bought: `2 packs of 6`, `3 single ones`. */
export function packsWords(packs: number, packCount: number): string {
  if (packs === 0) return 'none';
  if (packCount === 1) return `${packs} single${packs === 1 ? '' : ' ones'}`;
  return `${packs} ${packs === 1 ? 'pack' : 'packs'} of ${packCount}`;
}
