import { type Backup, type BackupProblem, type Loss, type Store, isBackupDue, listBackups } from '@/store';
import type { Outcome } from '@/core/outcome';

/** How the kept data is, as far as it is known. */
export interface DataCondition {
  readonly kind: 'checking' | 'sound' | 'damaged';
  /** What the engine found wrong; empty when nothing is. */
  readonly faults: readonly string[];
  /** When it was last looked through, ISO; null while it never was. */
  readonly checkedAt: string | null;
}

export interface DataState {
  readonly condition: DataCondition;
  readonly newestBackup: Pick<Backup, 'name' | 'at'> | null;
  /** Why the last copy that was due was not made. */
  readonly backupProblem: BackupProblem | { readonly kind: 'failed'; readonly cause: string } | null;
  /** Acknowledged writes that the database had lost when it was opened. */
  readonly loss: Loss | null;
}

interface Parts {
  readonly store: Store;
  readonly nowIso: () => string;
  /** What is wrong with a database's file; in a thread of its own where others are served. */
  readonly check: (file: string) => Promise<readonly string[]>;
  readonly databaseFile: string;
}

const HOUR_MS = 3_600_000;

/** Looks after what is kept: looks it through, makes the day's copy, and says how it is. */
export class DataKeeper {
  #condition: DataCondition;
  #backupProblem: DataState['backupProblem'] = null;
  #busy: Promise<void> | null = null;

  constructor(private readonly parts: Parts) {
    const { faults } = parts.store;
    this.#condition = faults
      ? { kind: faults.length > 0 ? 'damaged' : 'sound', faults, checkedAt: parts.nowIso() }
      : { kind: 'checking', faults: [], checkedAt: null };
  }

  state(): DataState {
    const { store } = this.parts;
    const newest = listBackups(store.dataDir).at(0);
    return {
      condition: this.#condition,
      newestBackup: newest ? { name: newest.name, at: newest.at } : null,
      backupProblem: this.#backupProblem,
      loss: store.acknowledged.loss,
    };
  }

  /** Hourly from now on, as long as the program runs anyway. */
  start(): void {
    // Looking after the data must never end the program that writes it.
    const lookAfter = () => void this.lookAfter().catch((error: unknown) => this.#couldNot(error));
    lookAfter();
    setInterval(lookAfter, HOUR_MS).unref();
  }

  /** Looks it through when that is more than a day ago, and makes the day's copy; at most once at a time. */
  async lookAfter(): Promise<void> {
    this.#busy ??= this.#lookAfter().finally(() => (this.#busy = null));
    await this.#busy;
  }

  async #lookAfter(): Promise<void> {
    const { checkedAt } = this.#condition;
    const nowIso = this.parts.nowIso();
    if (checkedAt === null || Date.parse(nowIso) - Date.parse(checkedAt) >= 24 * HOUR_MS) await this.#check(nowIso);
    // A copy of what is damaged would push out the good ones.
    if (this.#condition.kind !== 'sound') return;
    if (isBackupDue(listBackups(this.parts.store.dataDir), nowIso)) await this.#backUp(nowIso);
  }

  async #check(nowIso: string): Promise<void> {
    const faults = await this.parts.check(this.parts.databaseFile);
    this.#condition = { kind: faults.length > 0 ? 'damaged' : 'sound', faults, checkedAt: nowIso };
  }

  async #backUp(nowIso: string): Promise<void> {
    try {
      const made: Outcome<Backup, BackupProblem> = await this.parts.store.backUp(nowIso, this.parts.check);
      this.#backupProblem = made.ok ? null : made.problem;
    } catch (error) {
      this.#couldNot(error);
    }
  }

  #couldNot(error: unknown): void {
    this.#backupProblem = { kind: 'failed', cause: error instanceof Error ? error.message : String(error) };
  }
}
