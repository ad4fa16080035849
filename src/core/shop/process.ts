/** How a material becomes part of an item. It decides the stages, their words, and whether the cut is a mirror image. */
export const PROCESSES = ['film', 'ink', 'adhesiveFilm', 'card', 'tag', 'bought'] as const;
export type Process = (typeof PROCESSES)[number];

/** Stages of a piece; those of an item (checked, packed) come after all of its pieces are bonded. */
export const PIECE_STAGES = ['cut', 'weeded', 'bonded'] as const;
export type PieceStage = (typeof PIECE_STAGES)[number];

interface ProcessFacts {
  readonly stages: readonly PieceStage[];
  /** What bonding is called for this material; it heads columns and names keys at the bench. */
  readonly bondedWord: 'pressed' | 'applied' | 'glued' | 'tied';
  /** True when the material is bonded face down, so that it has to be cut as a mirror image. */
  readonly reversed: boolean;
}

const FACTS: Record<Process, ProcessFacts> = {
  film: { stages: ['cut', 'weeded', 'bonded'], bondedWord: 'pressed', reversed: true },
  ink: { stages: ['cut', 'weeded', 'bonded'], bondedWord: 'pressed', reversed: true },
  adhesiveFilm: { stages: ['cut', 'weeded', 'bonded'], bondedWord: 'applied', reversed: false },
  card: { stages: ['cut', 'bonded'], bondedWord: 'glued', reversed: false },
  tag: { stages: ['cut', 'bonded'], bondedWord: 'tied', reversed: false },
  bought: { stages: ['bonded'], bondedWord: 'pressed', reversed: false },
};

/** The one table of what follows from a process. Labels, facets, queues, reversal and tallies all read it. */
export function processFacts(process: Process): ProcessFacts {
  return FACTS[process];
}

export function stagesOf(process: Process): readonly PieceStage[] {
  return FACTS[process].stages;
}

/** False for what comes ready-made: it lies in no pass and its work begins with bonding. */
export function isCut(process: Process): boolean {
  return FACTS[process].stages.includes('cut');
}
