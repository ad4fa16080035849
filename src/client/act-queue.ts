import type { Deed, NewAct } from '@/core/ledger';
import type { Outcome } from '@/core/outcome';
import type { ActAnswer, ActAnswers, BenchView, OpenPass } from '@/services';
import type { ApiProblem } from './api';
import type { Keeper } from './keeper';
import { isWorthRepeating, troubleOf } from './save-state';
import { benchWith } from './waiting-bench';

export type Recorded =
  { readonly ok: true; readonly answer: ActAnswer } | { readonly ok: false; readonly detail: string };

/** What the server asks before it records an act. */
export type ActQuestion =
  | { readonly kind: 'needsPass'; readonly plan: string | null; readonly passes: readonly OpenPass[] }
  | { readonly kind: 'wasItCut'; readonly passNo: number };

export interface QueueSnapshot {
  /** Acts that the server has not acknowledged: nothing shows them as done. */
  readonly numWaiting: number;
  readonly isServerGone: boolean;
  /** What the server says is wrong with itself, where it still answers. */
  readonly trouble: string | null;
  /** Why acts that had waited in the browser could not be recorded. */
  readonly refusals: readonly string[];
  /** Acts wait behind it until somebody answers. */
  readonly question: ActQuestion | null;
}

export interface QueueParts {
  readonly keeper: Keeper;
  /** Name of this open page among those that keep acts. */
  readonly pageId: string;
  readonly station: () => string;
  /** Its name, as it is called in the workshop; may be empty. */
  readonly who: () => string;
  readonly nowIso: () => string;
  readonly makeActId: () => string;
  readonly send: (act: NewAct, answers: ActAnswers) => Promise<Outcome<ActAnswer, ApiProblem>>;
  /** As the server last acknowledged it. */
  readonly bench: () => BenchView;
  readonly onRecorded: (answer: ActAnswer) => Promise<void> | void;
}

type DeedsOf = (bench: BenchView) => readonly Deed[];

interface Job {
  readonly deedsOf: DeedsOf;
  act: NewAct | null;
  answers: ActAnswers;
  readonly settle: (recorded: Recorded | null) => void;
}

const UNASKED: ActAnswers = { mayMake: false, notCut: false };

const RETRY_MS = 1500;

/** The server takes what it is sent. */
const ANSWERS = { isServerGone: false, trouble: null } as const;

/**
 * Acts on their way to the ledger, one after the other in the order in which they were done. What an act consists of is
 * asked when its turn comes, so that it follows from what is really last; with the server gone it is asked at once and the
 * act is kept in the browser, so that closing the page loses none. Sending again under the same id is harmless.
 */
export class ActQueue {
  #snapshot: QueueSnapshot = { numWaiting: 0, isServerGone: false, trouble: null, refusals: [], question: null };
  #jobs: Job[] = [];
  #isPumping = false;
  #lastKeep = 0;
  #wake: () => void = () => undefined;
  #answer: (isYes: boolean) => void = () => undefined;
  readonly #listeners = new Set<() => void>();
  readonly #prefix: string;

  constructor(
    runId: string,
    private readonly parts: QueueParts,
  ) {
    this.#prefix = `acts:${runId}:`;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly getSnapshot = (): QueueSnapshot => this.#snapshot;

  /** Records deeds as one act. Null: when their turn came there was nothing to do. */
  readonly record = (deedsOf: DeedsOf): Promise<Recorded | null> =>
    new Promise((settle) => {
      this.#add({ deedsOf, act: null, answers: UNASKED, settle });
      if (this.#snapshot.isServerGone) this.#fixWaiting();
      void this.#pump();
    });

  /** Takes back this station's last act; while the server is gone the last one that waits. */
  readonly undo = (): Promise<Recorded | null> => this.record((bench) => undoneDeeds(bench.undo));
  readonly redo = (): Promise<Recorded | null> => this.record((bench) => undoneDeeds(bench.redo));

  /** Sends acts that an earlier page of this browser could not send. Answers how many there were. */
  readonly takeUpKept = async (): Promise<number> => {
    const others = (await this.parts.keeper.kept(this.#prefix)).filter(([key]) => key !== this.#key);
    const acts = others.flatMap(([, kept]) => kept as NewAct[]).sort((a, b) => a.at.localeCompare(b.at));
    const done = acts.map(
      (act) =>
        new Promise<void>((resolve) => {
          const settle = (recorded: Recorded | null) => {
            if (recorded && !recorded.ok) this.#refuse(recorded.detail);
            resolve();
          };
          this.#add({ deedsOf: () => act.deeds, act, answers: UNASKED, settle });
        }),
    );
    void Promise.all(done).then(() =>
      this.#dropKept(
        others.map(([key]) => key),
        new Set(acts.map(({ id }) => id)),
      ),
    );
    void this.#pump();
    return acts.length;
  };

  /** Answers the question that is open: yes sends the act again, no drops it, and what would have taken it back. */
  readonly answer = (isYes: boolean): void => this.#answer(isYes);

  readonly tryNow = (): void => this.#wake();

  readonly dismissRefusals = (): void => this.#publish({ refusals: [] });

  get #key(): string {
    return this.#prefix + this.parts.pageId;
  }

  #add(job: Job): void {
    this.#jobs.push(job);
    // With the server gone it is said to be kept in the browser, so it counts once it is.
    if (!this.#snapshot.isServerGone) this.#publish({ numWaiting: this.#jobs.length });
  }

  async #pump(): Promise<void> {
    if (this.#isPumping) return;
    this.#isPumping = true;
    for (let job = this.#jobs[0]; job; job = this.#jobs[0]) {
      const act = this.#actOf(job, this.parts.bench());
      if (!act) {
        this.#finish(job, null);
        continue;
      }
      const answer = await this.parts.send(act, job.answers);
      const question = answer.ok ? null : questionOf(answer.problem);
      if (question) {
        this.#publish(ANSWERS);
        if (await this.#ask(question)) job.answers = { ...job.answers, ...yesTo(question) };
        else this.#drop(job, act);
        continue;
      }
      if (answer.ok) {
        await this.parts.onRecorded(answer.value);
        this.#finish(job, { ok: true, answer: answer.value });
      } else if (isWorthRepeating(answer.problem)) {
        this.#publish({ isServerGone: true, trouble: troubleOf(answer.problem) });
        this.#fixWaiting();
        await this.#pause();
        continue;
      } else {
        this.#finish(job, { ok: false, detail: answer.problem.kind === 'refused' ? answer.problem.detail : '' });
      }
      this.#publish(ANSWERS);
    }
    this.#isPumping = false;
  }

  /** True for yes. */
  async #ask(question: ActQuestion): Promise<boolean> {
    const isYes = await new Promise<boolean>((resolve) => {
      this.#answer = resolve;
      this.#publish({ question });
    });
    this.#answer = () => undefined;
    this.#publish({ question: null });
    return isYes;
  }

  #drop(job: Job, { id }: NewAct): void {
    const takesItBack = ({ act }: Job) => act?.deeds.some((deed) => deed.kind === 'undone' && deed.actId === id);
    for (const other of [job, ...this.#jobs.filter(takesItBack)]) this.#finish(other, null);
  }

  #actOf(job: Job, bench: BenchView): NewAct | null {
    if (job.act) return job.act;
    const deeds = job.deedsOf(bench);
    if (deeds.length === 0) return null;
    const { makeActId, who, station, nowIso } = this.parts;
    job.act = { id: makeActId(), by: { who: who(), station: station() }, at: nowIso(), deeds };
    this.#keep();
    return job.act;
  }

  /** What waits for the server is decided now, as it would be if everything before it were recorded. */
  #fixWaiting(): void {
    const acts: NewAct[] = [];
    for (const job of [...this.#jobs]) {
      const act = this.#actOf(job, benchWith(this.parts.bench(), acts, this.parts.station()));
      if (act) acts.push(act);
      else this.#finish(job, null);
    }
  }

  #finish(job: Job, recorded: Recorded | null): void {
    this.#jobs = this.#jobs.filter((other) => other !== job);
    if (job.act) this.#keep();
    this.#publish({ numWaiting: this.#jobs.length });
    job.settle(recorded);
  }

  #keep(): void {
    const acts = this.#jobs.flatMap(({ act }) => (act ? [act] : []));
    const kept = acts.length > 0 ? this.parts.keeper.keep(this.#key, acts) : this.parts.keeper.drop(this.#key);
    const turn = ++this.#lastKeep;
    void kept.then(() => turn === this.#lastKeep && this.#publish({ numWaiting: this.#jobs.length }));
  }

  /** The page they come from may still be open and have kept more since. */
  async #dropKept(keys: readonly string[], sent: ReadonlySet<string>): Promise<void> {
    const now = new Map(await this.parts.keeper.kept(this.#prefix));
    for (const key of keys) {
      const left = ((now.get(key) ?? []) as NewAct[]).filter(({ id }) => !sent.has(id));
      await (left.length > 0 ? this.parts.keeper.keep(key, left) : this.parts.keeper.drop(key));
    }
  }

  #pause(): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, RETRY_MS);
      this.#wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  #refuse(detail: string): void {
    this.#publish({ refusals: [...this.#snapshot.refusals, detail] });
  }

  #publish(part: Partial<QueueSnapshot>): void {
    this.#snapshot = { ...this.#snapshot, ...part };
    for (const listener of this.#listeners) listener();
  }
}

function undoneDeeds(actId: string | null): readonly Deed[] {
  return actId === null ? [] : [{ kind: 'undone', actId }];
}

/** A yes is for the passes as they were asked about. */
function yesTo(question: ActQuestion): Partial<ActAnswers> {
  return question.kind === 'needsPass' ? { mayMake: true, plan: question.plan } : { notCut: true };
}

function questionOf(problem: ApiProblem): ActQuestion | null {
  if (problem.kind === 'serverGone') return null;
  if (problem.problem === 'needsPass') {
    return { kind: 'needsPass', plan: problem.plan ?? null, passes: problem.passes ?? [] };
  }
  return problem.problem === 'wasItCut' ? { kind: 'wasItCut', passNo: problem.passNo ?? 0 } : null;
}
