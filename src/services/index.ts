/**
 * Use cases: what route handlers and pages share. Each takes the context (database, computing, clock, chance) first and
 * answers an outcome whose problem holds facts. How a request is read and answered is the app's business.
 */
export { CannotOpenError, type Context, getContext, contextOn } from './context';
export { type ServiceProblem, type InputIssue } from './problem';
export { fileNameOf } from './file-name';
export { type RunView, createRun, getRun, saveSpec, storeNewRun } from './runs';
export { type RunShelf, archiveRun, duplicateRun, listRunSummaries, removeRunById, restoreRunById } from './run-shelf';
export type { BlankSeen, RunSummary, UnreadableRun } from './known-runs';
export { replaceList } from './replace-list';
export {
  type ListInput,
  type MappedSheet,
  type MappedTableInput,
  type ReadListAnswer,
  columnsKnown,
  mappedTableSchema,
  readList,
} from './lists';
export { type FileNote, type FileProblem } from './list-file/list-file';
export { type FileBytes, rosterCsv, rosterXlsx } from './roster-files';
export {
  type ShopBlankView,
  type ShopThingView,
  getThing,
  listThings,
  removeThing,
  restoreThing,
  saveThing,
} from './shop';
export { type Shelf, type ShopValues, isShelf, noShelf } from './shelves';
export { MOST_PHOTO_BYTES } from './jpeg';
export { parseJson } from './parse-json';
export { MOST_MOTIF_BYTES, motifDrawing, readMotifFile } from './motifs';
export { type KeptPhoto, MOST_PHOTO_PX, keepPhoto, photoBytes } from './photos';
export type { AlternateSample, FaceRow } from './compute/sample';
export type { TextsToTry } from './compute/texts-to-try';
export { type KeptFace, MOST_FACE_BYTES, faceBytes, faceRow, keepFaceFile, textsToTry } from './faces';
export type { FaceFileProblem } from './face-file/read-face-file';
export { letteringAlternates, letteringSample } from './lettering-sample';
export { type SampleAnswer } from './compute/sample';
export { templateOfPlace } from './template';
export { type PressSheetWish, pressSheetOfRun } from './press-sheet';
export { proofOfRun } from './proof';
export { type ReleaseHead, type ReleaseView, releaseOfRun, releaseRun } from './releases';
export { fitsOfRun } from './fits';
export { type PlannedPass, openInPasses, planOfRun, plannedPass } from './plan';
export {
  type FitAnswer,
  type FitsAnswer,
  type LayerAnswer,
  type PassOnBed,
  type PatchOnBed,
  type PieceOnBed,
  type OpenPass,
  type PlanAnswer,
} from './compute/answers';
export { type FrozenPiece } from './frozen';
export { type RunMarks, type StreamMarks, marksOfRun } from './run-events';
export {
  type MadePassHead,
  type MadePassView,
  cutFile,
  headOfPass,
  listMadePasses,
  makeNextPass,
  outlineText,
  passOnBed,
  viewMadePasses,
} from './passes';
export { type BenchChange, type BenchItem, type BenchPage, type BenchPiece, type BenchView, benchOfRun } from './bench';
export { type PageAsked, type PageTold, WHOLE, pageOfList, toldOf } from './page';
export { type ActAnswer, recordAct } from './record-act';
export { type CountdownsView, countdownsOfRun, endCountdown, startCountdown } from './countdowns';
export { type ActAnswers } from './check-deeds';
export { importBundle, writeBundle } from './bundle';
export { type Bundle, bundleJsonSchema, bundleSchema } from './bundle-file';
export { issuesOfZod } from './input-issues';
export { type Health, health } from './health';
export { type DataState } from './data-keeper';
export { dataNotices, faultWords } from './data-words';
export { type StoreFault, faultOf } from '@/store';
export { type JobEnd, jobEndOf } from './compute/lanes';
export { getLog } from './log';
