/**
 * Pieces: fits → what comes off the bed. One piece is all islands of one layer of one fit, kept in position; it carries where it lies
 * on its blank. Where pieces lie on the bed is decided in sheets.
 */
export { type Piece, type PieceSpot, piecesOfFits } from './pieces-of-fits';
export { type PieceName, namesOfSlot, pieceNames } from './piece-names';
