/** A thread that does one job after the other. Aborting ends it; it begins anew with the next job. */
export interface JobThread {
  run(name: string, request: unknown, signal: AbortSignal): Promise<unknown>;
}

export interface LaneSettings {
  /** `isLasting`: it is kept while there is nothing to do, with all that it remembers. */
  readonly makeThread: (isLasting: boolean) => JobThread;
  /** Threads that last, and how many there may be in all while more is asked for. */
  readonly numLasting: number;
  readonly most: number;
  /** So long a job waits behind those of other runs before it is taken elsewhere. */
  readonly patienceMs: number;
  /**
   * So long a job may take. Waiting does not count, and neither does what other programs take of the processor: a face is no worse for a
   * machine that is busy.
   */
  readonly limitMs: number;
  /** What this whole program has used of the processor so far: no less than the job did of it. */
  readonly processorMs: () => number;
}

/** However little of the processor it gets, after so many times its limit a job is ended: it may hang and use none. */
const MOST_LIMITS = 6;

/** Why a job was ended before it was done. */
export type JobEnd = { readonly kind: 'tookTooLong'; readonly seconds: number } | { readonly kind: 'tooMuchMemory' };

/** Thrown to whoever waits for a job that was ended. */
export class JobEndedError extends Error {
  constructor(readonly end: JobEnd) {
    super(`a job was ended: ${end.kind}`);
    this.name = 'JobEndedError';
  }
}

/** The end of a job behind an error; null for any other error. Told by what it carries: classes may be loaded more than once. */
export function jobEndOf(error: unknown): JobEnd | null {
  const isEnd = error instanceof Error && error.name === 'JobEndedError' && 'end' in error;
  return isEnd ? (error.end as JobEnd) : null;
}

interface Job {
  readonly runId: string;
  readonly start: (thread: JobThread) => Promise<void>;
}

interface Lane {
  readonly thread: JobThread;
  readonly waiting: Job[];
  current: Job | null;
}

/**
 * Heavy jobs in several threads. A run keeps to one, since what is known of it lives there; a run whose jobs wait behind those of another
 * moves to a thread that is idle, or to a new one.
 */
export class Lanes {
  readonly #lanes: Lane[] = [];
  readonly #homes = new Map<string, Lane>();

  constructor(private readonly settings: LaneSettings) {}

  /** Does a job of a run; throws what the job throws, or `JobEndedError`. */
  run<T>(runId: string, name: string, request: unknown): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const start = async (thread: JobThread) => {
        try {
          resolve((await this.#limited(thread, name, request)) as T);
        } catch (error) {
          reject(error as Error);
        }
      };
      const job: Job = { runId, start };
      const lane = this.#homeOf(runId);
      lane.waiting.push(job);
      this.#next(lane);
      if (lane.current !== job) this.#watch(job);
    });
  }

  async #limited(thread: JobThread, name: string, request: unknown): Promise<unknown> {
    const stop = new AbortController();
    const { limitMs, processorMs } = this.settings;
    const before = processorMs();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const allow = (ms: number, leftMs: number) => {
      timer = setTimeout(() => {
        const used = processorMs() - before;
        if (used >= limitMs || leftMs <= ms) stop.abort();
        else allow(Math.min(Math.ceil(limitMs - used), leftMs - ms), leftMs - ms);
      }, ms);
    };
    allow(limitMs, MOST_LIMITS * limitMs);
    try {
      return await thread.run(name, request, stop.signal);
    } catch (error) {
      if (stop.signal.aborted) throw new JobEndedError({ kind: 'tookTooLong', seconds: Math.round(limitMs / 1000) });
      if (isOutOfMemory(error)) throw new JobEndedError({ kind: 'tooMuchMemory' });
      throw error;
    } finally {
      clearTimeout(timer);
    }
  }

  #homeOf(runId: string): Lane {
    const home = this.#homes.get(runId) ?? this.#leastBusy();
    // The one asked for last stands last, so that the one that is forgotten is not missed.
    this.#homes.delete(runId);
    this.#homes.set(runId, home);
    const oldest = this.#homes.size > MOST_HOMES ? this.#homes.keys().next().value : undefined;
    if (oldest !== undefined) this.#homes.delete(oldest);
    return home;
  }

  #leastBusy(): Lane {
    if (this.#lanes.length < this.settings.numLasting) return this.#add();
    const homesIn = (lane: Lane) => [...this.#homes.values()].filter((home) => home === lane).length;
    const lasting = this.#lanes.slice(0, this.settings.numLasting);
    const [first, ...others] = lasting.map((lane) => ({ lane, load: numJobs(lane) * 1000 + homesIn(lane) }));
    return others.reduce((best, one) => (one.load < best.load ? one : best), first!).lane;
  }

  #add(): Lane {
    const isLasting = this.#lanes.length < this.settings.numLasting;
    const lane: Lane = { thread: this.settings.makeThread(isLasting), waiting: [], current: null };
    this.#lanes.push(lane);
    return lane;
  }

  #next(lane: Lane): void {
    if (lane.current) return;
    const job = lane.waiting.shift();
    if (!job) return;
    lane.current = job;
    void job.start(lane.thread).then(() => {
      lane.current = null;
      this.#next(lane);
    });
  }

  /** Behind its own run's jobs it has to wait; behind another's it goes elsewhere with all that waits of its run. */
  #watch(job: Job): void {
    setTimeout(() => {
      const lane = this.#lanes.find(({ waiting }) => waiting.includes(job));
      if (!lane) return;
      const isOwnTurn = lane.current?.runId === job.runId;
      const free = isOwnTurn ? null : this.#free();
      if (!free) return this.#watch(job);
      const moving = lane.waiting.filter(({ runId }) => runId === job.runId);
      for (const one of moving) lane.waiting.splice(lane.waiting.indexOf(one), 1);
      free.waiting.push(...moving);
      this.#homes.set(job.runId, free);
      this.#next(free);
    }, this.settings.patienceMs).unref?.();
  }

  #free(): Lane | null {
    const idle = this.#lanes.find((lane) => numJobs(lane) === 0);
    return idle ?? (this.#lanes.length < this.settings.most ? this.#add() : null);
  }
}

/** Runs whose thread is remembered. */
const MOST_HOMES = 200;

function numJobs({ current, waiting }: Lane): number {
  return waiting.length + (current ? 1 : 0);
}

function isOutOfMemory(error: unknown): boolean {
  return error instanceof Error && /memory/i.test(`${'code' in error ? String(error.code) : ''} ${error.message}`);
}
