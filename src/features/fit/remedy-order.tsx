'use client';

import { useRun } from '@/client';
import { type RemedyKind, WIDTH_SHARES } from '@/core/spec';
import { changeRemedies } from '@/core/edit';
import { NumberField, TextButton } from '@/ui';
import { REMEDY_WORDS } from './sentences';

/** Which remedy is offered first, and how far letters may be drawn narrower or wider. */
export function RemedyOrder() {
  const { spec, change } = useRun();
  const { order, condenseTo, stretchTo } = spec.remedies;
  const raise = (kind: RemedyKind) =>
    change((now) => {
      const { order: before } = now.remedies;
      const at = before.indexOf(kind);
      const next = [...before];
      next.splice(at - 1, 2, kind, before[at - 1]!);
      return changeRemedies(now, { order: next });
    });
  return (
    <details>
      <summary className="cursor-pointer">Remedies: order and limits</summary>
      <ol className="my-1.5">
        {order.map((kind, i) => (
          <li key={kind} className="flex items-center justify-between gap-2 border-b border-rule py-0.5">
            <span>
              {i + 1}. {REMEDY_WORDS[kind]}
            </span>
            {i > 0 && (
              <TextButton className="px-2" aria-label={`${REMEDY_WORDS[kind]} earlier`} onClick={() => raise(kind)}>
                earlier
              </TextButton>
            )}
          </li>
        ))}
      </ol>
      <NumberField
        label="Drawn no narrower than"
        unit="%"
        decimals={0}
        value={condenseTo * 100}
        min={WIDTH_SHARES.least * 100}
        max={100}
        onChange={(percent) => change((now) => changeRemedies(now, { condenseTo: percent / 100 }))}
      />
      <NumberField
        label="Drawn no wider than"
        unit="%"
        decimals={0}
        value={stretchTo * 100}
        min={100}
        max={WIDTH_SHARES.most * 100}
        onChange={(percent) => change((now) => changeRemedies(now, { stretchTo: percent / 100 }))}
      />
    </details>
  );
}
