/**
 * The browser's side of a run: the typed client of the HTTP interface, the session that saves what is changed, the fits
 * from the worker, and words that several steps share. Draws nothing.
 */
export { type ApiProblem, api } from './api';
export { useComputedFits } from './use-computed-fits';
export { RunAfterwards, RunProvider, useCountdowns, useFits, useRun, useWork, type RunSession } from './run-session';
export { type ApiAnswer, QueryProvider, useApiQuery } from './api-query';
export { useAlternates, useLetteringSample } from './use-lettering-sample';
export { type FilmAtHand, filmOptions, useFilmsAtHand, useShopMaterials } from './films-at-hand';
export { type Countdowns, useCountdownSound, useHeldSeconds, useServerNow } from './use-countdowns';
export { countdownFigure, countdownName, countdownWords } from './countdown-words';
export { type SaveState, savedWords } from './save-state';
export { type ActQuestion, type Recorded } from './act-queue';
export { makeQuestion, openWords, passesNamed } from './open-words';
export { type FitsState } from './use-computed-fits';
export { type Work } from './use-work-store';
export { randomBytes } from './random-bytes';
export { type FirstDay, useCurrency, useFirstDay, usePaper, useStationName } from './use-station';
export { stationId } from './station';
export { blankDifferences, cardDifferences } from './difference-words';
export { useFindingWords, useUnits } from './use-finding-words';
export { CASE_WORDS } from './case-words';
export { dueWords } from './due-words';
export { bondedWord, entryFacets, facetOf, stageWord } from './stage-words';
export { type ListPreview, entriesWords, previewOf } from './list-preview';
export { useLetterKeys } from './use-letter-keys';
export { useBrowserSetting, useBrowserText } from './browser-setting';
export { GUIDE_KEY, GUIDE_LEFT, guideAt, guideWord } from './guide-kept';
export { type Lengths, useLengths } from './use-lengths';
export { type Heats, useHeat, useHeater } from './use-heat';
export {
  BACK_OPTIONS,
  COVER_OPTIONS,
  FABRIC_OPTIONS,
  HEATER_OPTIONS,
  PRESSED_OPTIONS,
  fabricFrom,
  cautionWords,
  coverWords,
  peelWords,
  readingWords,
  layerRemarks,
  pressRemarks,
  stepWords,
} from '@/core/sentences';
export { type PlaceOption, usePlaces } from './use-places';
export { keepPhotoFile } from './photo-file';
export { type KeptMotif, keepMotifFile } from './motif-file';
export { type KeptFaceFile, keepFaceFile } from './face-file';
export { type FaceRows, useFaceRows } from './use-face-rows';
export { type NamedFace, type ShownFace, allFaces, capitalsPx, shownFaces } from './shown-faces';
export { type ShopFaces, shopFaces, useShopFaces } from './use-shop-faces';
export { PREPARATION_WORDS, variantWords } from './blank-words';
export { boughtWords, finestWords, materialPart, materialPartName, priceWords } from './material-words';
export { useShopThing } from './use-shop-thing';
export { ThingSaver, type ThingSnapshot, type ShopSave } from './thing-saver';
export { droppedFile } from './dropped-file';
export { problemWords } from './list-preview';
export { problemSentence } from './problem-sentence';
export { bringRunIn } from './run-file';
export { type CutText, cutTexts } from './cut-texts';
export { type ShownFit, type ShownLayer, shownFit, shownFits, stoppedTexts } from './shown-fit';
export { type ShownDrawing, useShownLayers } from './use-shown-layers';
export {
  countPacked,
  countToLayOut,
  madeOtherwise,
  madeTexts,
  entriesWith,
  hasWorkOn,
  isUnmade,
  isWorked,
  lostByRule,
} from './work-done';
export { blankDemand, markMatches, piecesOf } from './blank-demand';
export { whenIdle } from './when-idle';
export { type AlikePieces, alikePieces, firstOfAlike } from './alike-pieces';
export { type ItemFace, itemFaces, itemIdsOf } from './item-faces';
export { type ItemView, type ItemViews, useItemViews } from './use-item-views';
export { MOST_ON_SHEET, SHEET_COLUMNS, numSheets, sheetOf, sheetStart } from './picture-sheet';
export { type PicturedItem, pictureFile, saveFile } from './picture-file';
