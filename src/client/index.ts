/**
 * The browser's side of a run: the typed client of the HTTP interface, the session that saves what is changed, the fits
 * from the worker, and words that several steps share. Draws nothing.
 */
export { type ApiProblem, api } from './api';
export { RunProvider, useFits, useRun, useWork, type RunSession } from './run-session';
export { type ApiAnswer, QueryProvider, useApiQuery } from './api-query';
export { type SaveState, savedWords } from './save-state';
export { type ActQuestion, type Recorded } from './act-queue';
export { makeQuestion, openWords, passesNamed } from './open-words';
export { type FitsState } from './use-computed-fits';
export { type Work } from './use-work-store';
export { randomBytes } from './random-bytes';
export { stationId } from './station';
export { dueWords } from './due-words';
export { bondedWord, entryFacets, facetOf, stageWord } from './stage-words';
export { type ListPreview, entriesWords, previewOf } from './list-preview';
export { useLetterKeys } from './use-letter-keys';
export { useBrowserSetting, useBrowserText } from './browser-setting';
export { type Lengths, useLengths } from './use-lengths';
export { type PlaceOption, usePlaces } from './use-places';
export { keepPhotoFile } from './photo-file';
export { PREPARATION_WORDS, variantWords } from './blank-words';
export { BlankSaver, type BlankSnapshot, type ShopSave } from './blank-saver';
export { droppedFile } from './dropped-file';
export { problemWords } from './list-preview';
export { problemSentence } from './problem-sentence';
export { type CutText, cutTexts } from './cut-texts';
export { type ShownFit, type ShownLayer, shownFit, shownFits, stoppedTexts } from './shown-fit';
export { type ShownDrawing, useShownLayers } from './use-shown-layers';
export { countToLayOut, madeOtherwise, madeTexts, entriesWith, hasWorkOn, isUnmade, isWorked } from './work-done';
export { blankDemand, markMatches, piecesOf } from './blank-demand';
