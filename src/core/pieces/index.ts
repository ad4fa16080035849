/**
 * Pieces: fits → what comes off the bed. One piece is all islands of one layer of one fit, kept in position.
 * Where pieces lie on the bed is decided in sheets.
 */
export { type Piece, piecesOfFits } from './pieces-of-fits';
export { type PieceName, pieceNames } from './piece-names';
