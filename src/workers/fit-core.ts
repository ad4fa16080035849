import { type Face, loadFace } from '@/core/faces';
import {
  type Fit,
  type FitReport,
  type LetterJob,
  type RemedyOffer,
  fitNumbers,
  letterFindings,
  openAndLooked,
  remediesFor,
  remedyOffer,
  fitRun,
  letterJobKey,
  letterJobs,
  finestOf,
  measureFindings,
  measureText,
  textCache,
} from '@/core/fit';
import { hasStop } from '@/core/finding';
import type { LetteredText } from '@/core/lettering';
import { presentOrThrow } from '@/core/outcome';
import { type PlaceAt, changePlaceUse } from '@/core/edit';
import type { RemedyKind, RunSpec } from '@/core/spec';
import { faceFilePath } from '@/core/shop';
import { packTexts } from './pack-texts';
import type {
  ComparedFit,
  Comparison,
  DrawnTexts,
  FitResult,
  MeasuredFit,
  ScreenFit,
  TakenRemedy,
} from './fit-protocol';

/** How long the worker draws before it lets a newer request in. */
const SLICE_MS = 12;

/** How long it waits before it asks a server that is gone again. */
const RETRY_MS = 1500;

const faces = new Map<string, Face>();
const cache = textCache((sha) => presentOrThrow(faces.get(sha), `face ${sha}`));
const numbers = new Map<string, number>();
const sent = new Set<number>();

/** The request that was answered last: what is measured, and what remedies are asked for. */
interface Answered {
  readonly spec: RunSpec;
  readonly jobs: readonly LetterJob[];
  readonly report: FitReport;
}

let answered: Answered | null = null;

/** How often measures are handed over: the screen need not be drawn anew for each. */
const HAND_OVER_MS = 250;

/** Fits of a run for the screen; null as soon as `isCurrent` says that nobody waits for them any more. */
export async function fitForScreen(spec: RunSpec, isCurrent: () => boolean): Promise<FitResult | null> {
  const jobs = letterJobs(spec);
  for (const sha of new Set(jobs.map(({ face }) => face))) {
    if (!(await haveFace(sha, isCurrent))) return null;
  }
  let sliceEnd = performance.now() + SLICE_MS;
  for (const job of jobs) {
    cache.letter(job);
    if (performance.now() < sliceEnd) continue;
    await letMessagesIn();
    if (!isCurrent()) return null;
    sliceEnd = performance.now() + SLICE_MS;
  }
  const report = fitRun(spec, cache);
  const { fits, setSizes } = report;
  answered = { spec, jobs, report };
  const screenFits = fits.map((fit, i): ScreenFit => ({
    ...fitNumbers(fit),
    textNo: numberOf(jobs[i]!),
    measures: null,
  }));
  const drawn = packFresh(fits.map((fit, i) => [screenFits[i]!.textNo, fit.lettered]));
  return { fits: screenFits, setSizes, drawn };
}

/** Only outlines that were not sent before. */
function packFresh(texts: readonly (readonly [number, LetteredText])[]): DrawnTexts {
  const fresh = new Map(texts);
  for (const no of sent) fresh.delete(no);
  for (const no of fresh.keys()) sent.add(no);
  return packTexts(fresh);
}

/** Measures the fits answered last; false as soon as `isCurrent` says that nobody waits for them any more. */
export async function measureForScreen(
  isCurrent: () => boolean,
  onMeasured: (measured: readonly MeasuredFit[]) => void,
): Promise<boolean> {
  if (!answered) return false;
  const { spec, jobs, report } = answered;
  let measured: MeasuredFit[] = [];
  let sliceEnd = performance.now() + SLICE_MS;
  let handOverAt = performance.now() + HAND_OVER_MS;
  for (const [index, fit] of report.fits.entries()) {
    measured.push(measuredFit(spec, fit, jobs[index]!, index));
    const now = performance.now();
    if (now >= handOverAt) {
      onMeasured(measured);
      measured = [];
      handOverAt = now + HAND_OVER_MS;
    }
    if (now < sliceEnd) continue;
    await letMessagesIn();
    if (!isCurrent()) return false;
    sliceEnd = performance.now() + SLICE_MS;
  }
  onMeasured(measured);
  return true;
}

function measuredFit(spec: RunSpec, { lettered, emMm, slot }: Fit, job: LetterJob, index: number): MeasuredFit {
  const finest = finestOf(spec, slot);
  const measures = measureText(lettered, emMm, finest);
  // What has no place has no size: nothing of it is near or thin.
  const found =
    lettered.inkBox && emMm > 0
      ? [...measureFindings(lettered, emMm, measures, finest), ...letterFindings(job, cache, emMm, finest)]
      : [];
  const { open, looked } = openAndLooked(spec, slot.ref, found);
  return { index, measures, findings: open, looked };
}

/** Remedies for one fit of the request answered last; null when nobody waits for them any more. */
export async function remediesForScreen(
  index: number,
  isCurrent: () => boolean,
): Promise<readonly RemedyOffer[] | null> {
  if (!answered || !(await haveAllFaces(answered.spec, isCurrent)) || !isCurrent()) return null;
  return remediesFor(answered.spec, answered.report, index, cache);
}

/** Remedies try every lettering of the run. */
async function haveAllFaces({ shop }: RunSpec, isCurrent: () => boolean): Promise<boolean> {
  for (const { value } of shop.letterings) {
    for (const { face } of value.lines) if (!(await haveFace(face, isCurrent))) return false;
  }
  return true;
}

/** One remedy for many fits; null as soon as nobody waits for it any more. */
export async function remedyForAllOnScreen(
  indexes: readonly number[],
  kind: RemedyKind,
  isCurrent: () => boolean,
): Promise<readonly TakenRemedy[] | null> {
  const taken: TakenRemedy[] = [];
  if (!answered || !(await haveAllFaces(answered.spec, isCurrent))) return null;
  for (const index of indexes) {
    await letMessagesIn();
    if (!answered || !isCurrent()) return null;
    const offer = remedyOffer(answered.spec, answered.report, index, kind, cache);
    if (offer && offer.sets.length > 0) taken.push({ index, sets: offer.sets });
  }
  return taken;
}

/** The fits of one place in another lettering, as their rule would size them. */
export async function compareForScreen(
  at: PlaceAt,
  letteringId: string,
  isCurrent: () => boolean,
): Promise<Comparison | null> {
  if (!answered) return null;
  const spec = changePlaceUse(answered.spec, at, (place) => ({ ...place, letteringId }));
  const jobs = letterJobs(spec);
  for (const sha of new Set(jobs.map(({ face }) => face))) if (!(await haveFace(sha, isCurrent))) return null;
  let sliceEnd = performance.now() + SLICE_MS;
  for (const job of jobs) {
    cache.letter(job);
    if (performance.now() < sliceEnd) continue;
    await letMessagesIn();
    if (!isCurrent()) return null;
    sliceEnd = performance.now() + SLICE_MS;
  }
  const { fits, setSizes } = fitRun(spec, cache);
  const isHere = ({ slot }: Fit) => slot.ref.useId === at.useId && slot.ref.placeId === at.placeId;
  const nos = jobs.map(numberOf);
  const here = fits.filter(isHere);
  return {
    fits: fits.map((fit, i) => (isHere(fit) ? comparedFit(fit, nos[i]!) : null)),
    setSize: here[0] ? (setSizes[here[0].slot.place.sizeGroupId] ?? null) : null,
    numStops: here.filter(({ findings }) => hasStop(findings)).length,
    drawn: packFresh(fits.flatMap((fit, i) => (isHere(fit) ? [[nos[i]!, fit.lettered] as const] : []))),
  };
}

function comparedFit(fit: Fit, textNo: number): ComparedFit {
  const { emMm, capHeightMm, inkWidthMm, inkHeightMm, xMm, yMm, turnDeg, findings } = fit;
  return { textNo, emMm, capHeightMm, inkWidthMm, inkHeightMm, xMm, yMm, turnDeg, hasStop: hasStop(findings) };
}

/** Gives way to waiting messages and goes on at once; a timer would wait four milliseconds every time. */
function letMessagesIn(): Promise<void> {
  return new Promise((resolve) => {
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      channel.port1.close();
      resolve();
    };
    channel.port2.postMessage(null);
  });
}

/** Fetches a face once; while the server is gone it is asked again, as long as somebody waits. False: nobody does. */
async function haveFace(sha: string, isCurrent: () => boolean): Promise<boolean> {
  while (!faces.has(sha)) {
    const bytes = await fetchFace(sha);
    if (bytes) {
      const face = loadFace(bytes);
      if (!face.ok) throw new Error(`face ${sha}: ${face.problem.kind}`);
      faces.set(sha, face.value);
    } else {
      await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      if (!isCurrent()) return false;
    }
  }
  return true;
}

/** Null when the server does not answer. */
async function fetchFace(sha: string): Promise<Uint8Array | null> {
  const response = await fetch(new URL(faceFilePath(sha), self.location.origin)).catch(() => null);
  if (!response) return null;
  if (!response.ok) throw new Error(`face ${sha}: the server answered ${response.status}`);
  return new Uint8Array(await response.arrayBuffer());
}

function numberOf(job: LetterJob): number {
  const key = letterJobKey(job);
  const no = numbers.get(key) ?? numbers.size;
  numbers.set(key, no);
  return no;
}
