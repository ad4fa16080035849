import { type RunSpec, upgradeSpec } from '@/core/spec';
import type { Keeper } from './keeper';

/** What is kept in the browser while changes wait: enough to merge them into whatever the run has become by then. */
export interface WaitingChanges {
  readonly base: RunSpec;
  readonly spec: RunSpec;
  readonly numUnsaved: number;
}

/** The waiting changes of a run in this browser: those of this page, and those that earlier pages left behind. */
export class KeptChanges {
  readonly #prefix: string;
  #taken: readonly string[] = [];

  constructor(
    private readonly keeper: Keeper,
    runId: string,
    private readonly pageId: string,
  ) {
    this.#prefix = `spec:${runId}:`;
  }

  keep(changes: WaitingChanges): void {
    void this.keeper.keep(this.#key, changes);
  }

  /** They are saved: this page's, and those of others that it took up. */
  drop(): void {
    for (const key of [this.#key, ...this.#taken]) void this.keeper.drop(key);
    this.#taken = [];
  }

  async takeUp(): Promise<readonly WaitingChanges[]> {
    const kept = await this.keeper.kept(this.#prefix);
    const others = kept.filter(([key]) => key !== this.#key);
    this.#taken = others.map(([key]) => key);
    return others.map(([, value]) => {
      const { base, spec, numUnsaved } = value as WaitingChanges;
      return { base: upgradeSpec(base) as RunSpec, spec: upgradeSpec(spec) as RunSpec, numUnsaved };
    });
  }

  get #key(): string {
    return this.#prefix + this.pageId;
  }
}
