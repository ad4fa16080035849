import { worstSeverity } from '@/core/finding';
import { asksOf, gravestFirst } from '@/core/figures';
import type { ScreenFit } from '@/workers/fit-protocol';
import { fitKey } from './fit-key';

/** The fits that ask something, stops first, then checks, each in the order of the wall. */
export function openFits(shown: readonly ScreenFit[]): readonly ScreenFit[] {
  const of = (severity: 'stop' | 'check') => shown.filter(({ findings }) => worstSeverity(findings) === severity);
  return [...of('stop'), ...of('check')];
}

/** What is decided on now: the one that somebody picked, or the first that asks. */
export function decisionSubject(shown: readonly ScreenFit[], focusKey: string | null): ScreenFit | null {
  return shown.find((fit) => fitKey(fit) === focusKey) ?? openFits(shown)[0] ?? null;
}

/** Other fits that ask the same as the gravest of this one. */
export function alikeOf(shown: readonly ScreenFit[], subject: ScreenFit): readonly ScreenFit[] {
  const [gravest] = gravestFirst(asksOf(subject));
  if (!gravest) return [];
  return shown.filter((fit) => asksOf(fit).some(({ kind }) => kind === gravest.kind));
}
