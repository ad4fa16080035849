import { createHash } from 'node:crypto';
import type { Packing } from '@/core/sheets';
import { hashWith } from '@/core/geometry';
import { outlineReader } from '@/store';
import type { FaceRequest } from '@/core/suits';
import { dataDirOfServer } from '../data-dir';
import { faceReader } from '../face-file/face-reader';
import type {
  ChangesRequest,
  FitsRequest,
  FreezeRequest,
  OpenRequest,
  PlanRequest,
  ProofRequest,
  ReleaseRequest,
  RunState,
  TemplateRequest,
} from './compute';
import { createJobs } from './jobs';
import type { SampleRequest } from './sample';

/** Entry of the worker thread; bundled by itself at build time, since threads start from a file. */
hashWith((text) => createHash('sha256').update(text).digest('hex'));
const jobs = createJobs(faceReader(dataDirOfServer()), outlineReader(dataDirOfServer()));

export function fits(request: FitsRequest) {
  return jobs.fits(request);
}

export function plan(request: PlanRequest) {
  return jobs.plan(request);
}

export function keepLonger({ key, found }: { readonly key: string; readonly found: Packing | null }) {
  jobs.keepLonger(key, found);
}

export function open(request: OpenRequest) {
  return jobs.openPasses(request);
}

export function freezeNext(request: FreezeRequest) {
  return jobs.freezeNext(request);
}

export function freezeReleased(request: ReleaseRequest) {
  return jobs.freezeRelease(request);
}

export function changes(request: ChangesRequest) {
  return jobs.changesSince(request);
}

export function sample(request: SampleRequest) {
  return jobs.sample(request);
}

export function textsToTry(run: RunState) {
  return jobs.textsToTry(run);
}

export function alternates(request: SampleRequest) {
  return jobs.alternates(request);
}

export function faceRow(request: FaceRequest) {
  return jobs.faceRow(request);
}

export function templatePdf(request: TemplateRequest) {
  return jobs.templatePdf(request);
}

export function proofPdf(request: ProofRequest) {
  return jobs.proofPdf(request);
}
