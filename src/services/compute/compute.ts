import type { Encoding } from '@/core/intake';
import type { ReadMotif, SvgProblem } from '@/core/motifs';
import type { Paper } from '@/core/place';
import type { Units } from '@/core/sentences';
import type { LengthUnit } from '@/core/units';
import type { RunSpec } from '@/core/spec';
import type { FaceRequest } from '@/core/suits';
import type { FrozenPass, FrozenRelease, Release } from '@/core/freeze';
import type { ReleaseChange, ReleasedOutline } from '@/core/release';
import type { Outcome } from '@/core/outcome';
import type { FileProblem, ReadFile } from '../list-file/list-file';
import type { CheckedBundle } from '../bundle-file';
import type { FrozenPiece } from '../frozen';
import type { FaceFileProblem, ReadFaceFile } from '../face-file/read-face-file';
import type { PageAsked } from '../page';
import type { ServiceProblem } from '../problem';
import type { FitsAnswer, OpenPass, PlanAnswer } from './answers';
import type { TextsToTry } from './texts-to-try';
import type { AlternateSample, FaceRow, SampleAnswer, SampleRequest } from './sample';

/** What has been cut so far, in the words that planning needs. */
export interface CutSoFar {
  /** Keys of cuttings that lie in made passes. */
  readonly made: readonly string[];
  /** Current attempt of the pieces whose first cutting was spoiled; all others are at their first. */
  readonly attempts: Readonly<Record<string, number>>;
  /** Beds that made passes lie on. */
  readonly usedBeds: readonly string[];
}

/** Which run a job is for, and how it stands: what is known of it from earlier jobs is used again. */
export interface RunState {
  readonly runId: string;
  readonly spec: RunSpec;
}

export interface FitsRequest extends RunState {
  readonly frozen: readonly FrozenPiece[];
  readonly withOutlines: boolean;
  readonly page: PageAsked;
}

export interface PlanRequest extends RunState {
  readonly cutSoFar: CutSoFar;
  /** What is cut as it was released. */
  readonly released: readonly ReleasedOutline[];
  readonly firstNo: number;
  /** Which passes come with the outlines of their pieces: all, the one of this number, or none. */
  readonly outlinesOf: 'all' | number | null;
}

export interface OpenRequest extends PlanRequest {
  /** The planned passes that these lie in are looked through, one for each; null asks for the first pass. */
  readonly pieceIds: readonly string[] | null;
}

export interface ReleaseRequest extends RunState {
  readonly head: Pick<Release, 'id' | 'no' | 'at' | 'by'> & { readonly version: string };
}

export interface ChangesRequest extends RunState {
  readonly release: Release;
}

export interface FreezeRequest extends RunState {
  readonly cutSoFar: CutSoFar;
  readonly released: readonly ReleasedOutline[];
  /** The planned pass with this piece is frozen; null takes the first. */
  readonly pieceId: string | null;
  readonly passId: string;
  /** The act that it is made for; null where somebody makes it on purpose. */
  readonly forAct: string | null;
  readonly no: number;
  readonly version: string;
  /** Chance for the ids inside the pass. */
  readonly bytes: Uint8Array;
  /** Name of the plan that was shown: the pass is frozen as it lay there. Null takes the plan that stands. */
  readonly shown: string | null;
}

/** A frozen piece with the text of its outline, and of each of its lines. */
export interface FrozenBody extends FrozenPiece {
  readonly body: string;
  readonly lineBodies: readonly string[];
  /** The colour of what it was cut from; null where the run has dropped that since. */
  readonly hex: string | null;
}

export interface ProofRequest extends RunState {
  readonly paper: Paper;
  readonly units: Units;
  /** What is drawn as it was frozen. */
  readonly frozen: readonly FrozenBody[];
  /** Day on which it is written, ISO. */
  readonly today: string;
}

export interface TemplateWish {
  readonly useId: string;
  readonly placeId: string;
  /** Whose text is drawn; null: the widest text of the place. */
  readonly entryId: string | null;
  readonly paper: Paper;
  /** What the bar to be measured is a round length in. */
  readonly length: LengthUnit;
}

export interface TemplateRequest extends RunState {
  /** Place and entry exist in the spec. */
  readonly wish: TemplateWish;
  readonly frozen: readonly FrozenBody[];
  readonly today: string;
}

export type FreezeAnswer =
  | { readonly kind: 'frozen'; readonly frozen: FrozenPass }
  | { readonly kind: 'nothingToMake'; readonly numStopped: number; readonly numTooLarge: number }
  /** Of these nobody has said yet which film is laid. */
  | { readonly kind: 'filmOpen'; readonly films: readonly string[] }
  /** What was shown is not how it would be laid out now. */
  | { readonly kind: 'otherPlan' };

export interface OpenAnswer {
  /** Name of the plan in which they are open. */
  readonly plan: string;
  readonly passes: readonly OpenPass[];
}

/** The heavy work of the core. The server does it in a worker thread, so that a mark never waits for a plan. */
export interface Compute {
  fits(request: FitsRequest): Promise<FitsAnswer>;
  plan(request: PlanRequest): Promise<PlanAnswer>;
  /** What is open in passes before they are made, in the order in which they would be. */
  openPasses(request: OpenRequest): Promise<OpenAnswer>;
  freezeNext(request: FreezeRequest): Promise<FreezeAnswer>;
  /** Every fit without a stop as it stands. */
  freezeRelease(request: ReleaseRequest): Promise<FrozenRelease>;
  /** What is otherwise than it was released. */
  changesSince(request: ChangesRequest): Promise<readonly ReleaseChange[]>;
  /** A file that somebody sent as a list. Whatever is in it, it neither takes long nor much memory. */
  readList(bytes: Uint8Array, fileName: string, encoding: Encoding | null): Promise<Outcome<ReadFile, FileProblem>>;
  /** The bytes of a bundle, held together; nor does this take long or much memory. */
  readBundle(bytes: Uint8Array): Promise<Outcome<CheckedBundle, ServiceProblem>>;
  /** A drawing as a motif; whatever is in it, it neither takes long nor much memory. */
  readMotif(text: string, name: string): Promise<Outcome<ReadMotif, SvgProblem>>;
  /** A font file as a face; whatever is in it, it neither takes long nor much memory. */
  readFace(bytes: Uint8Array, fileName: string): Promise<Outcome<ReadFaceFile, FaceFileProblem>>;
  /** The texts of a run that tell most of a face. */
  textsToTry(run: RunState): Promise<TextsToTry>;
  /** What the face of a lettering offers besides, on a text in which it tells. */
  alternates(request: SampleRequest): Promise<readonly AlternateSample[]>;
  /** A face drawn and measured on texts that it is to cut. */
  faceRow(request: FaceRequest): Promise<FaceRow>;
  /** A text in a lettering of the shop. */
  sample(request: SampleRequest): Promise<SampleAnswer | null>;
  /** The proof of a run as a PDF. */
  proofPdf(request: ProofRequest): Promise<Uint8Array>;
  /** A place at its true size as a PDF. */
  templatePdf(request: TemplateRequest): Promise<Uint8Array>;
}
