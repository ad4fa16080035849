import type { Piece } from '../pieces';
import type { ReleasedOutline } from './released-pieces';

/** How many pieces, and the texts of the first few. */
export interface SomePieces {
  readonly num: number;
  readonly texts: readonly string[];
}

/** What somebody should know before pieces are frozen: how many there are, and in how many something is open. */
export interface OpenPieces {
  readonly numPieces: number;
  readonly notReleased: SomePieces;
  readonly notProofed: SomePieces;
  /** With an open check, measured ones among them; of a released piece those that were open then. */
  readonly checks: SomePieces;
}

const MOST_TOLD = 4;

/** The pieces of a pass with what is open on them. `hasAsks` tells whether a fit as it stands asks something, measured. */
export function openPieces(
  pieces: readonly Piece[],
  released: readonly ReleasedOutline[],
  hasAsks: (piece: Piece) => boolean,
): OpenPieces {
  const byId = new Map(released.map((piece) => [piece.pieceId, piece]));
  const isProofed = ({ id, slot, text }: Piece) => {
    const kept = byId.get(id);
    const reads = text.join('\n') === slot.text.join('\n');
    return kept?.proof === 'ticked' || (slot.proof.kind === 'ticked' && reads);
  };
  const isAsking = (piece: Piece) => {
    const kept = byId.get(piece.id);
    return kept ? (kept.open?.length ?? 0) > 0 : hasAsks(piece);
  };
  return {
    numPieces: pieces.length,
    notReleased: some(pieces.filter(({ id }) => !byId.has(id))),
    notProofed: some(pieces.filter((piece) => !isProofed(piece))),
    checks: some(pieces.filter(isAsking)),
  };
}

function some(pieces: readonly Piece[]): SomePieces {
  const texts = new Set<string>();
  for (const { text } of pieces) if (texts.size < MOST_TOLD) texts.add(text.join(' '));
  return { num: pieces.length, texts: [...texts] };
}
