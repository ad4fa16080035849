import { readMotif } from '@/core/motifs';
import type { ReadOutlines } from '@/core/release';
import { readBundle } from '../bundle-file';
import type { Compute } from './compute';
import { readListFile } from '../list-file/read-list-file';
import { readFaceFile } from '../face-file/read-face-file';
import { type ReadFace, createJobs } from './jobs';

/** Computing in the caller's own thread: for tests and for programs that serve nobody meanwhile. */
export function directCompute(readFace: ReadFace, readOutlines: ReadOutlines): Compute {
  const jobs = createJobs(readFace, readOutlines);
  return {
    fits: async (request) => jobs.fits(request),
    // Nothing is searched behind: nobody waits for it.
    plan: async (request) => ({ ...jobs.plan(request).answer, isSearching: false }),
    openPasses: async (request) => jobs.openPasses(request),
    freezeNext: async (request) => jobs.freezeNext(request),
    freezeRelease: async (request) => jobs.freezeRelease(request),
    changesSince: async (request) => jobs.changesSince(request),
    readList: readListFile,
    readBundle: async (bytes) => readBundle(bytes),
    readMotif: async (text, name) => readMotif(text, name),
    readFace: (bytes, fileName) => readFaceFile(bytes, fileName),
    textsToTry: async (run) => jobs.textsToTry(run),
    alternates: async (request) => jobs.alternates(request),
    faceRow: async (request) => jobs.faceRow(request),
    sample: async (request) => jobs.sample(request),
    templatePdf: async (request) => jobs.templatePdf(request),
    proofPdf: async (request) => jobs.proofPdf(request),
  };
}
