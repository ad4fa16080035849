import { limitFaults } from '@/core/resolve';
import { limitSentence } from '@/core/sentences';
import type { RunSpec } from '@/core/spec';

type Change = (spec: RunSpec) => RunSpec;

/**
 * A change as it may be made: one that makes the run larger than a run may be is left, with why. The page would lay out every item of it
 * at once, and the server would not take it either. `tell` hears null of a change that is made.
 */
export function withinLimits(change: Change, tell: (why: string | null) => void): Change {
  return (before) => {
    const after = change(before);
    const [fault] = limitFaults(after, before);
    tell(fault ? limitSentence(fault) : null);
    return fault ? before : after;
  };
}
