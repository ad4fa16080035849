import { type Finding, mayLetStand, saidBy } from '../finding';
import { type Looked, type RunSpec, type SlotRef, lookedKey } from '../spec';

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
