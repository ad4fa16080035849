import { type Finding, mayLetStand, saidBy } from '../finding';
import { lookedWord } from '../figures';
import type { Slot } from '../resolve';
import type { Looked } from '../spec';

/** Findings that are open, and those that were let stand and still say the same. */
export function openAndLooked(
  slot: Pick<Slot, 'layers' | 'looked'>,
  findings: readonly Finding[],
): { readonly open: readonly Finding[]; readonly looked: readonly Finding[] } {
  if (findings.length === 0) return NOTHING;
  const stands = (finding: Finding) => {
    const word = lookedWord(slot, finding);
    const let_: Looked | undefined = Object.hasOwn(slot.looked, word) ? slot.looked[word] : undefined;
    if (!let_ || !mayLetStand(finding) || let_.said !== saidBy(finding)) return false;
    return finding.severity !== 'stop' || let_.reason.trim() !== '';
  };
  return { open: findings.filter((finding) => !stands(finding)), looked: findings.filter(stands) };
}

const NOTHING = { open: [], looked: [] };
