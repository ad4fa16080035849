import type { Copy, Motif } from '../shop';
import starters from './starters.json' with { type: 'json' };

/** Drawn for Knurl: what a bare shop begins with. Read from the drawings beside this file by `npm run motifs`. */
export const STARTER_MOTIFS: readonly Copy<Motif>[] = starters.map(({ id, value }: Omit<Copy<Motif>, 'fromRev'>) => ({
  id,
  fromRev: null,
  value,
}));
