import { type ArtCache, artCache } from '@/core/artwork';
import { OpenFaces, loadFace } from '@/core/faces';
import { type FrozenRelease, freezePass, freezeRelease } from '@/core/freeze';
import type { FaceRequest } from '@/core/suits';
import { partsOfFaceKey } from '@/core/shop';
import { presentOrThrow } from '@/core/outcome';
import { type ReadOutlines, type ReleaseChange, changesOf } from '@/core/release';
import { KeptReports, type RunReport } from '@/core/report';
import { resolveSlots } from '@/core/resolve';
import type { RandomBytes } from '@/core/ids';
import { type RunSpec, findBed } from '@/core/spec';
import { proofPdf } from '../documents/proof-pdf';
import { type PackSearch, type Packing, type PassPlan, keepLonger } from '@/core/sheets';
import type { FitsAnswer, PlanAnswer } from './answers';
import type {
  ChangesRequest,
  FitsRequest,
  FreezeAnswer,
  FreezeRequest,
  OpenAnswer,
  OpenRequest,
  PlanRequest,
  ProofRequest,
  ReleaseRequest,
  RunState,
  TemplateRequest,
} from './compute';
import { fitsAnswer } from './fits-answer';
import { nameOfPlan, numStopped, openPasses, planAnswer, planOf } from './plan-answer';
import {
  type AlternateSample,
  type FaceRow,
  type SampleAnswer,
  type SampleRequest,
  alternateSamples,
  faceRow,
  sampleOf,
} from './sample';
import { templateOf } from './template-of';
import { type TextsToTry, textsToTry } from './texts-to-try';

export interface PlannedAnswer {
  readonly answer: PlanAnswer;
  readonly searches: readonly PackSearch[];
}

/** The jobs themselves: plain functions of their request and the faces, run in a thread by the server. */
export interface Jobs {
  fits(request: FitsRequest): FitsAnswer;
  /** With the longer searches that might better it. */
  plan(request: PlanRequest): PlannedAnswer;
  /** Keeps what a longer search has found, and that it has been. */
  keepLonger(key: string, found: Packing | null): void;
  openPasses(request: OpenRequest): OpenAnswer;
  freezeNext(request: FreezeRequest): FreezeAnswer;
  freezeRelease(request: ReleaseRequest): FrozenRelease;
  changesSince(request: ChangesRequest): readonly ReleaseChange[];
  sample(request: SampleRequest): SampleAnswer | null;
  textsToTry(run: RunState): TextsToTry;
  /** What its face offers besides, drawn. */
  alternates(request: SampleRequest): readonly AlternateSample[];
  /** A face drawn and measured on texts that it is to cut. */
  faceRow(request: FaceRequest): FaceRow;
  proofPdf(request: ProofRequest): Promise<Uint8Array>;
  templatePdf(request: TemplateRequest): Promise<Uint8Array>;
  /** How many texts were drawn so far: what is kept is not drawn again. */
  numDrawn(): number;
}

/** Bytes of a face's file by its hash; null where it is not here. */
export type ReadFace = (sha: string) => Uint8Array | null;

/** What is known from earlier jobs. */
interface Known {
  readonly cache: ArtCache;
  readonly reports: KeptReports;
}

/** `readOutlines` answers what was frozen. What is known of a run is kept from one job to the next. */
export function createJobs(readFace: ReadFace, readOutlines: ReadOutlines): Jobs {
  const faces = new OpenFaces((key) => {
    const { sha, axes } = partsOfFaceKey(key);
    const bytes = readFace(sha);
    return bytes && loadFace(bytes, axes);
  });
  const knowing = (): Known => {
    const cache = artCache(faces.of);
    return { cache, reports: new KeptReports(cache) };
  };
  let known = knowing();
  let numDrawnBefore = 0;
  const reports = {
    of: (runId: string, spec: RunSpec) => {
      // What was drawn without a face that is here now is drawn anew.
      if (faces.foundAnew()) {
        numDrawnBefore += known.cache.numDrawn();
        known = knowing();
      }
      return known.reports.of(runId, spec);
    },
  };
  return {
    fits: (request) => fitsAnswer(request, reports.of(request.runId, request.spec)),
    plan: (request) => {
      const report = reports.of(request.runId, request.spec);
      const plan = planOf(request, report, readOutlines);
      return { answer: planAnswer(request, report, plan), searches: plan.searches };
    },
    keepLonger,
    openPasses: (request) => openPasses(request, reports.of(request.runId, request.spec), readOutlines),
    freezeNext: (request) => freezeNext(request, reports.of(request.runId, request.spec), readOutlines),
    freezeRelease: (request) => freezeRelease(reports.of(request.runId, request.spec).measured().fits, request.head),
    changesSince: (request) => {
      const { slots, checked } = reports.of(request.runId, request.spec);
      return changesOf(slots, checked.fits, request.release, readOutlines);
    },
    sample: (request) => sampleOf(request, faces.of),
    textsToTry: ({ runId, spec }) => textsToTry(resolveSlots(known.reports.adopt(runId, spec))),
    alternates: (request) => alternateSamples(request, faces.of),
    faceRow: (request) => faceRow(request, faces.of),
    proofPdf: (request) => {
      const { spec, checked } = reports.of(request.runId, request.spec);
      return proofPdf({
        spec,
        fits: checked.fits,
        frozen: request.frozen,
        paper: request.paper,
        units: request.units,
        today: request.today,
      });
    },
    templatePdf: (request) => templateOf(request, reports.of(request.runId, request.spec)),
    numDrawn: () => numDrawnBefore + known.cache.numDrawn(),
  };
}

function freezeNext(request: FreezeRequest, report: RunReport, readOutlines: ReadOutlines): FreezeAnswer {
  const { pieceId, passId, forAct, no, version, bytes } = request;
  const { layout } = report.spec;
  const plan = planAsShown(request, report, readOutlines);
  if (!plan) return { kind: 'otherPlan' };
  const next = plan.passes.find(
    ({ patches }) => pieceId === null || patches.some(({ placed }) => placed.some(({ piece }) => piece.id === pieceId)),
  );
  if (!next) return { kind: 'nothingToMake', numStopped: numStopped(report), numTooLarge: plan.unplaced.length };
  const films = openFilms(
    report.spec,
    next.patches.map(({ materialId }) => materialId),
  );
  if (films.length > 0) return { kind: 'filmOpen', films };
  const head = { passId, no, version, bed: findBed(report.spec, next.bedId), forAct, seed: layout.seed };
  return { kind: 'frozen', frozen: freezePass(next, head, bytesFrom(bytes)) };
}

/** Colours of which nobody has said yet which film is laid. */
function openFilms({ shop }: RunSpec, materialIds: readonly string[]): readonly string[] {
  return shop.materials.flatMap(({ id, value }) => (value.open && materialIds.includes(id) ? value.colour.name : []));
}

/** The plan that stands, or the one of that name: as it was before a longer search had been, where it was seen so. */
function planAsShown(request: FreezeRequest, report: RunReport, readOutlines: ReadOutlines): PassPlan | null {
  const { shown } = request;
  const best = planOf(request, report, readOutlines);
  if (shown === null || nameOfPlan(best) === shown) return best;
  const first = planOf(request, report, readOutlines, 'first');
  return nameOfPlan(first) === shown ? first : null;
}

/** Hands out given bytes in turn; asking for more than there are is a bug. */
function bytesFrom(bytes: Uint8Array): RandomBytes {
  let used = 0;
  return (count) => {
    used += count;
    return presentOrThrow(used <= bytes.length ? bytes.subarray(used - count, used) : null, 'random bytes');
  };
}
