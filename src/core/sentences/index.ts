/** Findings and press cards in words, for screens and paper alike: what is wrong, what to do, and in which order. */
export { findingSentence, findingWords } from './finding-sentence';
export { alternateWords } from './alternate-words';
export {
  FACE_KIND_WORDS,
  FACE_ORDER_WORDS,
  PERMIT_WORDS,
  faceFaultWords,
  facesSentence,
  suitsSentence,
} from './face-words';
export { BETWEEN_WORDS, FRAME_WORDS, OTHERS_WORDS, SHAPE_WORDS, WAY_WORDS } from './form-words';
export { limitSentence, limitWords } from './limit-words';
export {
  type FigureWords,
  BACK_OPTIONS,
  COVER_OPTIONS,
  FABRIC_OPTIONS,
  HEATER_OPTIONS,
  PRESSED_OPTIONS,
  SHEETS_WIN,
  cautionWords,
  coverWords,
  fabricFrom,
  peelWords,
  layerRemarks,
  pressLine,
  pressRemarks,
  readingWords,
  stepWords,
} from './press-words';
export { METRIC, type Units } from './saying';
