import { cpus, loadavg } from 'node:os';

/** One thing that is timed: `run` does it once and answers what there is to say about the result. */
export interface Bench {
  readonly name: string;
  /** What it may take: milliseconds, or a number in the unit that `run` answers. */
  readonly target: string;
  readonly run: () => Measured | Promise<Measured>;
}

export interface Measured {
  /** Processor time in milliseconds; null where something else is measured. */
  readonly ms: number | null;
  readonly note: string;
}

const TRIES = 3;

/** Processor time of this process for doing `work` once, in milliseconds: other programs on the machine cost nothing. */
export function cpuMs(work: () => void): number {
  const before = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}

/** The same for work that waits in between. */
export async function cpuMsOf(work: () => Promise<void>): Promise<number> {
  const before = process.cpuUsage();
  await work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}

/** A loop of plain arithmetic, by which times of different machines, or of a busy one, can be compared. */
export function calibrationMs(): number {
  const times = Array.from({ length: TRIES }, () =>
    cpuMs(() => {
      const table = new Float64Array(4096);
      for (let i = 0; i < 40_000_000; i++) table[i & 4095] = table[(i * 31) & 4095]! * 0.999 + i;
    }),
  );
  return Math.min(...times);
}

export function machine(): string {
  const [cpu] = cpus();
  const load = loadavg().map((value) => value.toFixed(2));
  return `Node ${process.version}, ${cpus().length} × ${cpu?.model.trim() ?? 'unknown'}, load ${load.join(' ')}`;
}

/** The best of three, since noise only ever adds. */
export async function bestOf({ run }: Bench): Promise<Measured> {
  const tries: Measured[] = [];
  for (let i = 0; i < TRIES; i++) tries.push(await run());
  return tries.reduce((best, one) => (one.ms !== null && one.ms < (best.ms ?? Infinity) ? one : best));
}
