import { replaceEqualDeep } from '@tanstack/query-core';
import type { ArtCache } from '../artwork';
import { type CheckedFit, type CheckedReport, checkReport, measuredReport } from '../checks';
import { type FitReport, fitAll } from '../fit';
import { type Slot, resolveSlots } from '../resolve';
import type { RunSpec } from '../spec';

/** Runs that are worked on at the same time. */
const MOST_RUNS = 8;

/** What a run comes to, computed once and read by every job. */
export interface RunReport {
  readonly spec: RunSpec;
  readonly slots: readonly Slot[];
  readonly fits: FitReport;
  /** Sizes, places, colours. */
  readonly checked: CheckedReport;
  /** The same with strokes, gaps and holes. */
  readonly measured: () => CheckedReport;
  /** Only some of them with strokes, gaps and holes: nobody waits for the rest. */
  readonly measuredOf: (fits: readonly CheckedFit[]) => readonly CheckedFit[];
}

interface Kept {
  readonly fits: FitReport;
  readonly checked: CheckedReport;
}

/**
 * Reports by what they were made from. A spec comes to a thread as a copy, so that whatever in it equals what was there before is
 * put in the place of the copy: all that is kept by identity is found again, and only what changed is computed.
 */
export class KeptReports {
  readonly #specs = new Map<string, RunSpec>();
  readonly #kept = new WeakMap<readonly Slot[], Kept>();
  readonly #measured = new WeakMap<readonly Slot[], CheckedReport>();

  constructor(private readonly cache: ArtCache) {}

  of(runId: string, copy: RunSpec): RunReport {
    const spec = this.adopt(runId, copy);
    const slots = resolveSlots(spec);
    const { fits, checked } = this.#keep(slots);
    return { spec, slots, fits, checked, measured: () => this.#measure(slots, checked), measuredOf: this.#measureSome };
  }

  readonly #measureSome = (fits: readonly CheckedFit[]): readonly CheckedFit[] =>
    measuredReport({ fits, setSizes: {} }, this.cache).fits;

  /** The spec with everything that equals what was known of this run before. */
  adopt(runId: string, copy: RunSpec): RunSpec {
    const before = this.#specs.get(runId);
    const spec = before ? replaceEqualDeep(before, copy) : copy;
    this.#specs.delete(runId);
    this.#specs.set(runId, spec);
    const [oldest] = this.#specs.keys();
    if (this.#specs.size > MOST_RUNS && oldest !== undefined) this.#specs.delete(oldest);
    return spec;
  }

  #keep(slots: readonly Slot[]): Kept {
    const known = this.#kept.get(slots);
    if (known) return known;
    const fits = fitAll(slots, this.cache);
    const kept = { fits, checked: checkReport(fits) };
    this.#kept.set(slots, kept);
    return kept;
  }

  #measure(slots: readonly Slot[], checked: CheckedReport): CheckedReport {
    const measured = this.#measured.get(slots) ?? measuredReport(checked, this.cache);
    this.#measured.set(slots, measured);
    return measured;
  }
}
