import type { Paper } from '@/core/place';
import type { RunSpec } from '@/core/spec';
import type { FrozenRelease, Release, ReleaseChange, ReleasedOutline } from '@/core/release';
import type { FrozenPass } from '@/core/sheets';
import type { Outcome } from '@/core/outcome';
import type { FileProblem, ReadFile } from '../list-file/list-file';
import type { FitsAnswer, PlanAnswer } from './answers';

/** What has been cut so far, in the words that planning needs. */
export interface CutSoFar {
  /** Keys of cuttings that lie in made passes. */
  readonly made: readonly string[];
  /** Current attempt of the pieces whose first cutting was spoiled; all others are at their first. */
  readonly attempts: Readonly<Record<string, number>>;
}

export interface PlanRequest {
  readonly spec: RunSpec;
  readonly cutSoFar: CutSoFar;
  /** What is cut as it was released. */
  readonly released: readonly ReleasedOutline[];
  readonly firstNo: number;
  readonly withOutlines: boolean;
}

export interface ReleaseRequest {
  readonly spec: RunSpec;
  readonly head: Pick<Release, 'id' | 'no' | 'at' | 'by'> & { readonly version: string };
}

export interface ChangesRequest {
  readonly spec: RunSpec;
  readonly release: Release;
}

export interface FreezeRequest {
  readonly spec: RunSpec;
  readonly cutSoFar: CutSoFar;
  readonly released: readonly ReleasedOutline[];
  /** The planned pass with this piece is frozen; null takes the first. */
  readonly pieceId: string | null;
  readonly passId: string;
  readonly no: number;
  readonly version: string;
  /** Chance for the ids inside the pass. */
  readonly bytes: Uint8Array;
}

export interface ProofRequest {
  readonly spec: RunSpec;
  /** Day on which it is written, ISO. */
  readonly today: string;
}

export interface TemplateWish {
  readonly useId: string;
  readonly placeId: string;
  /** Whose text is drawn; null: the widest text of the place. */
  readonly entryId: string | null;
  readonly paper: Paper;
}

export interface TemplateRequest {
  readonly spec: RunSpec;
  /** Place and entry exist in the spec. */
  readonly wish: TemplateWish;
  readonly today: string;
}

export type FreezeAnswer =
  | { readonly kind: 'frozen'; readonly frozen: FrozenPass }
  | { readonly kind: 'nothingToMake'; readonly numStopped: number; readonly numTooLarge: number };

/** The heavy work of the core. The server does it in a worker thread, so that a mark never waits for a plan. */
export interface Compute {
  fits(spec: RunSpec, withOutlines: boolean): Promise<FitsAnswer>;
  plan(request: PlanRequest): Promise<PlanAnswer>;
  freezeNext(request: FreezeRequest): Promise<FreezeAnswer>;
  /** Every fit without a stop as it stands. */
  freezeRelease(request: ReleaseRequest): Promise<FrozenRelease>;
  /** What is otherwise than it was released. */
  changesSince(request: ChangesRequest): Promise<readonly ReleaseChange[]>;
  /** A file that somebody sent as a list. Whatever is in it, it neither takes long nor much memory. */
  readList(bytes: Uint8Array, fileName: string): Promise<Outcome<ReadFile, FileProblem>>;
  /** The proof of a run as a PDF. */
  proofPdf(request: ProofRequest): Promise<Uint8Array>;
  /** A place at its true size as a PDF. */
  templatePdf(request: TemplateRequest): Promise<Uint8Array>;
}
