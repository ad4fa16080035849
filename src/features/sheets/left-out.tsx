import { useFindingWords, useLengths } from '@/client';
import { nameOfFit, whoseElse } from '@/core/figures';
import { findingKey } from '@/core/finding';
import type { PlanAnswer } from '@/services';
import { SeverityTag } from '@/ui';

/** What lies in no pass, and why: nothing stays out silently. */
export function LeftOut({ plan }: { readonly plan: PlanAnswer }) {
  const say = useFindingWords();
  const { pair } = useLengths();
  if (plan.stopped.length === 0 && plan.unplaced.length === 0) return null;
  return (
    <section className="border-l-4 border-madder bg-paper px-4 py-3">
      <h2 className="mb-1 font-semibold">Left out of the passes</h2>
      <ul className="grid gap-2">
        {plan.stopped.map(({ fitKey, findings, ...named }) => (
          <li key={fitKey}>
            <b>{nameOfFit(named)}</b> {whoseElse(named) && <span className="text-soft">for {whoseElse(named)}</span>}
            {findings
              .filter(({ severity }) => severity === 'stop')
              .map((finding) => (
                <p key={findingKey(finding)} className="flex items-start gap-1.5">
                  <SeverityTag severity="stop" />
                  {say.sentence(finding)}
                </p>
              ))}
          </li>
        ))}
        {plan.unplaced.map(({ pieceId, text, reason }) => (
          <li key={pieceId}>
            <b>{text.join(' ')}</b>
            <p className="flex items-start gap-1.5">
              <SeverityTag severity="stop" />
              <span>
                is <span className="measure">{pair(reason.pieceWidthMm, reason.pieceHeightMm)}</span>, the bed has room
                for <span className="measure">{pair(reason.roomWidthMm, reason.roomHeightMm)}</span>: choose a larger
                bed or a smaller place
              </span>
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
