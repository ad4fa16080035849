import type { CountdownKind } from '@/core/countdown';
import type { SvgProblem } from '@/core/motifs';
import type { OpenPass } from './compute/answers';
import type { FaceFileProblem } from './face-file/read-face-file';
import type { FileProblem } from './list-file/list-file';

/** Where in the input something is wrong: a field's path, or a row of a pasted list counted from 1. */
export interface InputIssue {
  readonly field: string;
  readonly row: number | null;
  readonly message: string;
}

/** What can be expected to go wrong in a use case; the app turns it into a status and a sentence. */
export type ServiceProblem =
  | { readonly kind: 'runNotFound'; readonly runId: string }
  | { readonly kind: 'countdownNotFound'; readonly id: string }
  | { readonly kind: 'tooManyCountdowns'; readonly most: number }
  /** An item that is called pressed lies in the press, dries or cools. */
  | {
      readonly kind: 'stillRunning';
      readonly doing: CountdownKind;
      readonly text: string;
      readonly secondsToGo: number;
      readonly seconds: number;
    }
  | { readonly kind: 'passNotFound'; readonly no: number; readonly lastNo: number }
  | { readonly kind: 'passNotPlanned'; readonly no: number }
  | { readonly kind: 'outlineNotFound'; readonly sha: string }
  | { readonly kind: 'shopThingNotFound'; readonly shelf: string; readonly word: string; readonly id: string }
  | { readonly kind: 'shelfNotFound'; readonly shelf: string; readonly has: readonly string[] }
  | { readonly kind: 'photoNotFound'; readonly sha: string }
  | { readonly kind: 'badPhoto'; readonly why: 'noJpeg' }
  | {
      readonly kind: 'badPhoto';
      readonly why: 'tooLarge';
      readonly widthPx: number;
      readonly heightPx: number;
      readonly mostPx: number;
    }
  | { readonly kind: 'changedElsewhere'; readonly yourCounter: number; readonly counter: number }
  | { readonly kind: 'unreadableFile'; readonly fileName: string; readonly file: FileProblem }
  /** A drawing that is none, or brings more along than shapes. */
  | { readonly kind: 'motifRefused'; readonly fileName: string; readonly drawing: SvgProblem }
  /** A font file that is none, is damaged or was made to do harm. */
  | { readonly kind: 'faceRefused'; readonly fileName: string; readonly face: FaceFileProblem }
  | { readonly kind: 'faceNotFound'; readonly sha: string }
  | { readonly kind: 'brokenJson'; readonly message: string }
  /** It is JSON, and says no format. */
  | { readonly kind: 'noBundle' }
  | { readonly kind: 'invalidInput'; readonly issues: readonly InputIssue[] }
  | { readonly kind: 'nothingToRelease'; readonly numStopped: number }
  | { readonly kind: 'nothingToMake'; readonly numStopped: number; readonly numTooLarge: number }
  /** The act would make these passes for good, and did not say that it may. */
  | { readonly kind: 'needsPass'; readonly plan: string; readonly passes: readonly OpenPass[] }
  /** Of these colours nobody has said yet which film is laid. */
  | { readonly kind: 'filmOpen'; readonly films: readonly string[] }
  /** The plan is not the one that was shown to whoever wants a pass of it. */
  | { readonly kind: 'otherPlan' }
  /** The pass was made and taken back; nothing of it counts, and its file is not given out. */
  | { readonly kind: 'passUnmade'; readonly no: number; readonly isFile: boolean }
  /** Marks stand on pieces of the pass. */
  | { readonly kind: 'passMarked'; readonly no: number; readonly texts: readonly string[] }
  /** Its file was taken, and the act does not say that it was not cut. */
  | { readonly kind: 'wasItCut'; readonly no: number }
  /** The pass cannot come back, since its pieces were laid into another one. */
  | { readonly kind: 'laidOutAnew'; readonly no: number; readonly laidInNo: number }
  | { readonly kind: 'idTaken'; readonly what: 'act' | 'pass' | 'countdown'; readonly id: string }
  | {
      readonly kind: 'unknownTarget';
      readonly what: 'piece' | 'item' | 'act' | 'pass' | 'place' | 'entry';
      readonly id: string;
    }
  | { readonly kind: 'notCuttable'; readonly pieceId: string; readonly text: string }
  | {
      readonly kind: 'notTheCurrentCutting';
      readonly pieceId: string;
      readonly text: string;
      readonly attempt: number;
      readonly current: number;
    };
