import type { Finish, Material } from '@/core/shop';

export interface MaterialLook {
  readonly hex: string;
  readonly finish: Finish;
  /** Which way its pattern runs as the piece reads, since pieces of such a film are never turned; null: no way. */
  readonly runs: 'down' | 'across' | null;
}

export const PLAIN: Pick<MaterialLook, 'finish' | 'runs'> = { finish: 'plain', runs: null };

interface Looking {
  readonly colour: { readonly hex: string };
  readonly pattern?: Material['pattern'] | undefined;
}

/** How a material looks; film comes off the roll towards the crafter. */
export function lookOfMaterial({ colour, pattern }: Looking, finish: Finish): MaterialLook {
  // What has a way to run is seen to run, whatever kind of film it is.
  const seen = pattern && finish === 'plain' ? 'pattern' : finish;
  return {
    hex: colour.hex,
    finish: seen,
    runs: pattern === undefined ? null : pattern === 'along' ? 'down' : 'across',
  };
}
