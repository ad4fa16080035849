import { type Face, loadFace } from '@/core/faces';
import {
  type Fit,
  type LetterJob,
  fitNumbers,
  fitRun,
  letterJobKey,
  letterJobs,
  finestOf,
  measureFindings,
  measureText,
  textCache,
} from '@/core/fit';
import { presentOrThrow } from '@/core/outcome';
import { type FinestCut, type RunSpec, faceFilePath } from '@/core/run';
import { packTexts } from './pack-texts';
import type { FitResult, MeasuredFit, ScreenFit } from './fit-protocol';

/** How long the worker draws before it lets a newer request in. */
const SLICE_MS = 12;

/** How long it waits before it asks a server that is gone again. */
const RETRY_MS = 1500;

const faces = new Map<string, Face>();
const cache = textCache((sha) => presentOrThrow(faces.get(sha), `face ${sha}`));
const numbers = new Map<string, number>();
const sent = new Set<number>();

/** The fits that were answered last, with the finest cut of what each is cut from. */
let toMeasure: readonly { readonly fit: Fit; readonly finest: FinestCut }[] = [];

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
  const { fits, setHeights } = fitRun(spec, cache);
  toMeasure = fits.map((fit) => ({ fit, finest: finestOf(spec, fit.slot) }));
  const screenFits = fits.map((fit, i): ScreenFit => ({
    ...fitNumbers(fit),
    textNo: numberOf(jobs[i]!),
    measures: null,
  }));
  const fresh = new Map(fits.map((fit, i) => [screenFits[i]!.textNo, fit.lettered]));
  for (const no of sent) fresh.delete(no);
  for (const no of fresh.keys()) sent.add(no);
  return { fits: screenFits, setHeights, drawn: packTexts(fresh) };
}

/** Measures the fits answered last; false as soon as `isCurrent` says that nobody waits for them any more. */
export async function measureForScreen(
  isCurrent: () => boolean,
  onMeasured: (measured: readonly MeasuredFit[]) => void,
): Promise<boolean> {
  let measured: MeasuredFit[] = [];
  let sliceEnd = performance.now() + SLICE_MS;
  let handOverAt = performance.now() + HAND_OVER_MS;
  for (const [index, { fit, finest }] of toMeasure.entries()) {
    const measures = measureText(fit.lettered, fit.emMm, finest);
    measured.push({ index, measures, findings: measureFindings(measures, finest) });
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
