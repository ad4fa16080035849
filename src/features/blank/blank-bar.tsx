'use client';

import { useState } from 'react';
import { hasWorkOn, randomBytes, usePlaces, useRun, useWork } from '@/client';
import { addBlank, removeUse, replaceBlank } from '@/core/blanks';
import type { ShopBlankView } from '@/services';
import { Button, Choice } from '@/ui';
import { BlankPicker } from './blank-picker';
import { ShopCopy } from './shop-copy';
import { SizeChoice } from './size-choice';
import { WhoGets } from './who-gets';

/** Which blanks the run takes, which place is looked at, and in which size and colour. */
export function BlankBar() {
  const { change, setAt } = useRun();
  const { items } = useWork().bench;
  const { place, options, chosen, choose } = usePlaces();
  const [picking, setPicking] = useState<'instead' | 'more' | null>(null);
  const { use, blank } = place;
  const isWorked = hasWorkOn(items, use.id);
  const pick = ({ id, rev, value }: ShopBlankView) => {
    const copy = { id, fromRev: rev, value };
    change((spec) => (picking === 'more' ? addBlank(spec, copy, randomBytes) : replaceBlank(spec, use.id, copy)));
    setAt(null);
    setPicking(null);
  };
  return (
    <>
      <header className="grid gap-3 border-b border-rule-strong px-5 py-4">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <h1 className="text-xl font-bold">{blank.name}</h1>
          <p className="text-soft">{blank.fabric}</p>
          {isWorked && <p className="text-soft">· {WORKED}</p>}
          <span className="ml-auto flex flex-wrap gap-2">
            <Button disabled={isWorked} onClick={() => setPicking('instead')} title={isWorked ? WORKED : undefined}>
              Another blank instead…
            </Button>
            <Button onClick={() => setPicking('more')}>One more blank…</Button>
            <WithoutIt isWorked={isWorked} onLeaveOut={() => change((spec) => removeUse(spec, use.id))} />
          </span>
        </div>
        <div className="flex flex-wrap items-start gap-x-8 gap-y-3 empty:hidden">
          {options.length > 1 && <Choice label="Place" options={options} value={chosen} onChange={choose} />}
          <SizeChoice place={place} />
          <WhoGets place={place} />
          <ShopCopy place={place} />
        </div>
      </header>
      {picking && (
        <BlankPicker
          deed={picking === 'more' ? 'Every entry gets this one as well' : `Instead of the ${blank.name.toLowerCase()}`}
          onPick={pick}
          onClose={() => setPicking(null)}
        />
      )}
    </>
  );
}

const WORKED = 'Pieces for it are made or marked, so it stays.';

function WithoutIt({ isWorked, onLeaveOut }: { readonly isWorked: boolean; readonly onLeaveOut: () => void }) {
  const { spec } = useRun();
  if (spec.uses.length === 1) return null;
  return (
    <Button weight="grave" disabled={isWorked} onClick={onLeaveOut}>
      Leave it out
    </Button>
  );
}
