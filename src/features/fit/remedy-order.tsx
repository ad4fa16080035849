'use client';

import { useRun } from '@/client';
import { WIDTH_SHARES } from '@/core/spec';
import { changeRemedies, movedTo } from '@/core/edit';
import { Fold, NumberField, SortableList, SortableRow, TextButton } from '@/ui';
import { REMEDY_WORDS } from './sentences';

/** Which remedy is offered first, and how far letters may be drawn narrower or wider. */
export function RemedyOrder() {
  const { spec, change } = useRun();
  const { order, condenseTo, stretchTo } = spec.remedies;
  const move = (from: number, to: number) =>
    change((now) => changeRemedies(now, { order: movedTo(now.remedies.order, from, to) }));
  return (
    <Fold summary="Remedies: order and limits">
      <SortableList id="remedies" ids={order} onMove={move} className="my-1.5">
        {order.map((kind, i) => (
          <SortableRow
            key={kind}
            id={kind}
            words={REMEDY_WORDS[kind]}
            className="items-center gap-1.5 border-b border-rule py-0.5"
          >
            <span className="flex-1">
              {i + 1}. {REMEDY_WORDS[kind]}
            </span>
            {i > 0 && (
              <TextButton className="px-2" aria-label={`${REMEDY_WORDS[kind]} earlier`} onClick={() => move(i, i - 1)}>
                earlier
              </TextButton>
            )}
          </SortableRow>
        ))}
      </SortableList>
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
    </Fold>
  );
}
