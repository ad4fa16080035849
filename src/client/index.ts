/**
 * The browser's side of a run: the typed client of the HTTP interface, the session that saves what is changed, the fits
 * from the worker, and words that several steps share. Draws nothing.
 */
export { type ApiProblem, api } from './api';
export { RunProvider, useRun, type RunSession } from './run-session';
export { type SaveState } from './spec-saver';
export { type Recorded } from './act-queue';
export { type FitsState } from './use-fits';
export { randomBytes } from './random-bytes';
export { stationId } from './station';
export { dueWords } from './due-words';
export { findingSentence, findingWords } from './finding-sentence';
export { bondedWord, facetOf, stageWord } from './stage-words';
export { type ListPreview, entriesWords, previewOf } from './list-preview';
export { useBrowserSetting, useBrowserText } from './browser-setting';
export { type Lengths, useLengths } from './use-lengths';
export { inkTransform, ringPath } from './ink-transform';
export { type PlaceOption, usePlaces } from './use-places';
export { keepPhotoFile } from './photo-file';
export { PREPARATION_WORDS, variantWords } from './blank-words';
export { BlankSaver, type BlankSnapshot, type ShopSave } from './blank-saver';
export { droppedFile } from './dropped-file';
export { problemWords } from './list-preview';
export { problemSentence } from './problem-sentence';
export { type CutText, cutTexts } from './cut-texts';
