import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import Link from 'next/link';
import { dueWords } from '@/client/due-words';
import { useFirstDay } from '@/client/use-station';
import { nextOfRun } from '@/core/ledger';
import { BlankPicture } from '@/drawing';
import type { RunSummary } from '@/services';
import { NEXT_STEP, nextWords } from './sentences';

const STAGES = [
  ['cut', 'cut'],
  ['weeded', 'weeded'],
  ['bonded', 'pressed or applied'],
  ['checked', 'checked'],
  ['packed', 'packed'],
] as const;

interface RunRowProps {
  readonly run: RunSummary;
  readonly todayIso: string;
  readonly onDuplicate: () => void;
  readonly onArchive: () => void;
  readonly onRemove: () => void;
}

export function RunRow({ run, todayIso, onDuplicate, onArchive, onRemove }: RunRowProps) {
  const { tally } = run;
  const [firstDay] = useFirstDay();
  const next = nextOfRun(tally);
  const left = tally.items - tally.packed;
  const isLate = run.dueOn !== null && run.dueOn < todayIso && tally.packed < tally.items;
  return (
    <li className="relative grid grid-cols-[auto_minmax(0,1fr)_auto_auto] items-center gap-x-8 gap-y-1 border-b border-rule px-4 py-3 last:border-b-0 hover:bg-verdigris-tint/60">
      <span className="flex w-36 items-center justify-center gap-1.5">
        {run.blanks.map(({ name, kind, variant }) => (
          <BlankPicture key={name} kind={kind} variant={variant} className="h-14 max-w-16 min-w-0 flex-1" />
        ))}
      </span>
      <div className="min-w-0">
        <Link href={`/runs/${run.id}`} className="text-lg font-semibold after:absolute after:inset-0">
          {run.title}
        </Link>
        <p className={isLate ? 'font-semibold text-madder' : 'text-soft'}>
          {dueWords(run.dueOn, todayIso, firstDay)}
          {left > 0 && left < tally.items && `; ${left} of ${tally.items} left`}
        </p>
        <p className={next.kind === 'recut' ? 'font-semibold text-madder' : 'font-semibold text-ink'}>
          <Link href={`/runs/${run.id}/${NEXT_STEP[next.kind]}`} className="relative z-1 hover:underline">
            {nextWords(next)}
          </Link>
        </p>
      </div>
      <dl className="grid grid-cols-[repeat(6,auto)] gap-x-5 text-right">
        <Count label="items" value={tally.items} />
        {STAGES.map(([stage, label]) => (
          <Count key={stage} label={label} value={tally[stage]} isFull={tally[stage] === tally.items} />
        ))}
      </dl>
      <Menu>
        <MenuButton
          className="relative z-1 min-h-9 rounded-md border border-rule-strong bg-white px-3 hover:bg-verdigris-tint"
          aria-label={`More for ${run.title}`}
        >
          More
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          className="z-20 grid min-w-40 border border-rule-strong bg-paper py-1 shadow-xl focus:outline-none"
        >
          <RowDeed label="Duplicate" onClick={onDuplicate} />
          <RowDeed label={run.isArchived ? 'Back among the others' : 'Archive'} onClick={onArchive} />
          <RowDeed label="Remove" onClick={onRemove} />
        </MenuItems>
      </Menu>
    </li>
  );
}

function Count({ label, value, isFull = false }: { label: string; value: number; isFull?: boolean }) {
  return (
    <div>
      <dt className="font-narrow text-fine text-soft">{label}</dt>
      <dd className={`measure text-lg ${isFull ? 'font-semibold text-verdigris' : ''}`}>{value}</dd>
    </div>
  );
}

function RowDeed({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <MenuItem>
      <button type="button" className="px-4 py-2 text-left data-focus:bg-verdigris-tint" onClick={onClick}>
        {label}
      </button>
    </MenuItem>
  );
}
