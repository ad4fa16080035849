import type { Finding } from '../finding';
import { type Looked, type RunSpec, type SlotRef, lookedKey } from '../run';

/** Stops that may be kept with a reason: something can be made, only not as well as it should be. */
const KEEPABLE: ReadonlySet<Finding['kind']> = new Set(['tooSmall']);

/** Whether a person may let it stand: checks by a tick, some stops with a written reason. */
export function mayLetStand({ kind, severity }: Finding): boolean {
  return severity === 'check' || (severity === 'stop' && KEEPABLE.has(kind));
}

/** What a finding says, in one word by which it is known again. Lengths count to 0.1 mm, so that a hair of change is none. */
export function saidBy(finding: Finding): string {
  return JSON.stringify(finding, (_, value: unknown) => (typeof value === 'number' ? Number(value.toFixed(1)) : value)).slice(
    0,
    400,
  );
}

/** Findings that are open, and those that were let stand and still say the same. */
export function openAndLooked(
  { looked: lets }: RunSpec,
  at: SlotRef,
  findings: readonly Finding[],
): { readonly open: readonly Finding[]; readonly looked: readonly Finding[] } {
  const stands = (finding: Finding) => {
    const key = lookedKey(at, finding.kind);
    const let_: Looked | undefined = Object.hasOwn(lets, key) ? lets[key] : undefined;
    if (!let_ || !mayLetStand(finding) || let_.said !== saidBy(finding)) return false;
    return finding.severity !== 'stop' || let_.reason.trim() !== '';
  };
  if (findings.length === 0) return { open: findings, looked: NONE };
  return { open: findings.filter((finding) => !stands(finding)), looked: findings.filter(stands) };
}

const NONE: readonly Finding[] = [];
