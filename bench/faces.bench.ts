import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { OpenFaces, loadFace } from '@/core/faces';
import { BRASS_SCRIPT_SHA, SHIPPED_FACES } from '@/core/shop';
import { withTables } from '@/core/test/font-files';
import { createJobs } from '@/services/compute/jobs';
import { threadCompute } from '@/services/compute/threads';
import { faceReader } from '@/services/face-file/face-reader';
import { readFaceFile } from '@/services/face-file/read-face-file';
import { aFont, asWoff2 } from '@/services/test/own-fonts';
import { type Bench, cpuMsOf } from './bench';

const LARGE_BYTES = 4_000_000;
const NUM_IN_TURN = 500;
const NUM_BROUGHT_IN = 60;

/** As large as a face with many writings; what it has more is no outline. */
function aLargeFont(): Uint8Array {
  const font = aFont();
  const more = new Uint8Array(LARGE_BYTES - font.length);
  for (let i = 0, state = 1; i < more.length; i++) {
    state = (state * 48_271) % 2_147_483_647;
    more[i] = state & 255;
  }
  return withTables(font, { more });
}

async function openingMs(bytes: Uint8Array): Promise<number> {
  return cpuMsOf(async () => {
    const read = await readFaceFile(bytes, 'large.ttf');
    if (!read.ok) throw new Error(read.problem.kind);
  });
}

const megabytes = (bytes: number) => `${Math.round(bytes / 1_000_000)} MB`;

export const FACE_BENCHES: readonly Bench[] = [
  {
    name: 'faces: a face of 4 MB is read and looked through',
    target: '300 ms',
    run: async () => ({ ms: await openingMs(aLargeFont()), note: 'in the caller’s thread' }),
  },
  {
    name: 'faces: the same as a WOFF2',
    target: '300 ms',
    run: async () => {
      const packed = await asWoff2(aLargeFont());
      return { ms: await openingMs(packed), note: `${megabytes(packed.length)} packed` };
    },
  },
  {
    name: 'faces: one is drawn and measured on four texts, warm',
    target: '300 ms',
    run: async () => {
      const folder = mkdtempSync(path.join(tmpdir(), 'knurl-bench-'));
      const jobs = createJobs(faceReader(folder), () => new Map());
      const need = { letterHeightMm: 15, finest: { strokeMm: 1, gapMm: 0.8, holeMm: 1 } };
      const texts = ['Gwendolen', 'Bo', 'Åse Jørn', '1898'];
      jobs.faceRow({ face: BRASS_SCRIPT_SHA, texts: ['A'], ...need });
      const ms = await cpuMsOf(async () => {
        for (const { sha } of SHIPPED_FACES) jobs.faceRow({ face: sha, texts, ...need });
      });
      rmSync(folder, { recursive: true });
      return { ms: ms / SHIPPED_FACES.length, note: `each of the ${SHIPPED_FACES.length} that ship` };
    },
  },
  {
    name: 'faces: 500 opened and set in turn, memory',
    target: 'flat',
    run: async () => {
      const fonts = new OpenFaces((key) => loadFace(aFont(0, Number(key))));
      let [early, late] = [0, 0];
      for (let i = 0; i < NUM_IN_TURN; i++) {
        fonts.of(String(100 + i)).shape('Odalys', [], 0);
        // As between one request and the next.
        await new Promise((resolve) => setTimeout(resolve, 2));
        if (i === 150) early = process.memoryUsage().rss;
        if (i === NUM_IN_TURN - 1) late = process.memoryUsage().rss;
      }
      return { ms: null, note: `${megabytes(early)} after 150, ${megabytes(late)} after ${NUM_IN_TURN}` };
    },
  },
  {
    name: 'faces: 60 brought in one after the other, each in its thread',
    target: 'flat',
    run: async () => {
      const compute = threadCompute();
      const started = performance.now();
      let early = 0;
      for (let i = 0; i < NUM_BROUGHT_IN; i++) {
        const read = await compute.readFace(aFont(0, 100 + i), 'a.ttf');
        if (!read.ok) throw new Error(read.problem.kind);
        if (i === 9) early = process.memoryUsage().rss;
      }
      const each = Math.round((performance.now() - started) / NUM_BROUGHT_IN);
      const late = process.memoryUsage().rss;
      return {
        ms: null,
        note: `${each} ms each; ${megabytes(early)} after 10, ${megabytes(late)} after ${NUM_BROUGHT_IN}`,
      };
    },
  },
];
