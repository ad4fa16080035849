import { type Outcome, fail, ok } from '@/core/outcome';
import { limitFaults } from '@/core/resolve';
import { type RunSpec, runSpecSchema, specFaults, upgradeSpec } from '@/core/spec';
import { issuesOfZod, limitIssue } from './input-issues';
import type { InputIssue, ServiceProblem } from './problem';

/** A spec from outside: its shape by the schema, then its references. */
export function checkedSpec(candidate: unknown): Outcome<RunSpec, ServiceProblem> {
  const parsed = runSpecSchema.safeParse(upgradeSpec(candidate));
  if (!parsed.success) return fail({ kind: 'invalidInput', issues: issuesOfZod(parsed.error) });
  const faults = specFaults(parsed.data);
  if (faults.length === 0) return ok(parsed.data);
  const issues = faults.map(({ kind, field, id }): InputIssue => {
    const message =
      kind === 'idTwice'
        ? 'The id here stands twice.'
        : `Nothing has the id that stands here${id === '' ? ', which is empty' : ''}.`;
    return { field, row: null, message };
  });
  return fail({ kind: 'invalidInput', issues });
}

/** The same for a run that comes in: it may not be larger than one may be. */
export function checkedNew(candidate: unknown): Outcome<RunSpec, ServiceProblem> {
  const spec = checkedSpec(candidate);
  const issues = spec.ok ? limitFaults(spec.value, null).map(limitIssue) : [];
  return issues.length > 0 ? fail({ kind: 'invalidInput', issues }) : spec;
}
