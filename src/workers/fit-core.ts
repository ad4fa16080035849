import { type Face, loadFace } from '@/core/faces';
import { type Fit, type LetterJob, fitRun, letterJobs, textCache } from '@/core/fit';
import { presentOrThrow } from '@/core/outcome';
import { type RunSpec, faceFilePath } from '@/core/run';
import { packTexts } from './pack-texts';
import type { FitResult, ScreenFit } from './fit-protocol';

/** How long the worker draws before it lets a newer request in. */
const SLICE_MS = 12;

const faces = new Map<string, Face>();
const cache = textCache((sha) => presentOrThrow(faces.get(sha), `face ${sha}`));
const numbers = new Map<string, number>();
const sent = new Set<number>();

/** Fits of a run for the screen; null as soon as `isCurrent` says that nobody waits for them any more. */
export async function fitForScreen(spec: RunSpec, isCurrent: () => boolean): Promise<FitResult | null> {
  const jobs = letterJobs(spec);
  for (const sha of new Set(jobs.map(({ face }) => face))) await haveFace(sha);
  let sliceEnd = performance.now() + SLICE_MS;
  for (const job of jobs) {
    cache.letter(job);
    if (performance.now() < sliceEnd) continue;
    await letMessagesIn();
    if (!isCurrent()) return null;
    sliceEnd = performance.now() + SLICE_MS;
  }
  const { fits, setHeights } = fitRun(spec, cache);
  const screenFits = fits.map((fit, i) => screenFit(fit, numberOf(jobs[i]!)));
  const fresh = new Map(fits.map((fit, i) => [screenFits[i]!.textNo, fit.lettered]));
  for (const no of sent) fresh.delete(no);
  for (const no of fresh.keys()) sent.add(no);
  return { fits: screenFits, setHeights, drawn: packTexts(fresh) };
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

async function haveFace(sha: string): Promise<void> {
  if (faces.has(sha)) return;
  const response = await fetch(new URL(faceFilePath(sha), self.location.origin));
  if (!response.ok) throw new Error(`face ${sha}: the server answered ${response.status}`);
  const face = loadFace(new Uint8Array(await response.arrayBuffer()));
  if (!face.ok) throw new Error(`face ${sha}: ${face.problem.kind}`);
  faces.set(sha, face.value);
}

function numberOf(job: LetterJob): number {
  const key = JSON.stringify([job.face, job.trackingEm, job.features, job.text]);
  const no = numbers.get(key) ?? numbers.size;
  numbers.set(key, no);
  return no;
}

function screenFit(fit: Fit, textNo: number): ScreenFit {
  const { slot, emMm, capHeightMm, inkWidthMm, inkHeightMm, xMm, yMm, boundBy, findings } = fit;
  return {
    ...slot.ref,
    itemId: slot.itemId,
    text: slot.text,
    textNo,
    emMm,
    capHeightMm,
    inkWidthMm,
    inkHeightMm,
    xMm,
    yMm,
    boundBy,
    findings,
  };
}
