import { replaceEqualDeep } from '@tanstack/query-core';
import type { ArtCache } from '@/core/artwork';
import { type CheckedReport, checkedReport, measuredReport } from '@/core/checks';
import { type Slot, resolveSlots } from '@/core/resolve';
import type { RunSpec } from '@/core/spec';
import type { RunState } from './compute';

/** Runs that are worked on at the same time. */
const MOST_RUNS = 8;

/** What a run comes to, computed once and read by every job. */
export interface RunReport {
  readonly spec: RunSpec;
  readonly slots: readonly Slot[];
  /** Sizes, places, colours. */
  readonly checked: CheckedReport;
  /** The same with strokes, gaps and holes. */
  readonly measured: () => CheckedReport;
}

/**
 * Reports by what they were made from. A spec comes to the thread as a copy, so that whatever in it equals what was there before is
 * put in the place of the copy: all that is kept by identity is found again, and only what changed is computed.
 */
export class KeptReports {
  readonly #specs = new Map<string, RunSpec>();
  readonly #checked = new WeakMap<readonly Slot[], CheckedReport>();
  readonly #measured = new WeakMap<readonly Slot[], CheckedReport>();

  constructor(private readonly cache: ArtCache) {}

  of({ runId, spec: copy }: RunState): RunReport {
    const spec = this.#adopt(runId, copy);
    const slots = resolveSlots(spec);
    const checked = this.#checked.get(slots) ?? checkedReport(slots, this.cache);
    this.#checked.set(slots, checked);
    return { spec, slots, checked, measured: () => this.#measure(slots, checked) };
  }

  #measure(slots: readonly Slot[], checked: CheckedReport): CheckedReport {
    const measured = this.#measured.get(slots) ?? measuredReport(checked, this.cache);
    this.#measured.set(slots, measured);
    return measured;
  }

  #adopt(runId: string, copy: RunSpec): RunSpec {
    const before = this.#specs.get(runId);
    const spec = before ? replaceEqualDeep(before, copy) : copy;
    this.#specs.delete(runId);
    this.#specs.set(runId, spec);
    const [oldest] = this.#specs.keys();
    if (this.#specs.size > MOST_RUNS && oldest !== undefined) this.#specs.delete(oldest);
    return spec;
  }
}
