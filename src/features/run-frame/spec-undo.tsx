'use client';

import { type LucideIcon, Redo2, Undo2 } from 'lucide-react';
import { usePathname } from 'next/navigation';
import { useMemo } from 'react';
import { type RunSession, useRun } from '@/client';
import { type KeyGroup, useKeys } from '@/ui';

/** Takes back what this page changed in the run. At the bench the ledger's own undo stands beside the marks instead. */
export function SpecUndo() {
  const { saver, canUndo, canRedo } = useRun();
  const isBench = usePathname().endsWith('/bench');
  const keys = useMemo(() => (isBench ? [] : undoKeys(saver)), [isBench, saver]);
  useKeys(keys);
  if (isBench) return null;
  return (
    <span className="flex gap-1">
      <HeaderButton
        label="Undo"
        Sign={Undo2}
        title="Take back the last change (Ctrl Z)"
        isOn={canUndo}
        onClick={saver.undo}
      />
      <HeaderButton label="Redo" Sign={Redo2} title="Do it again (Ctrl Shift Z)" isOn={canRedo} onClick={saver.redo} />
    </span>
  );
}

/** While a field has the keyboard, the browser's own undo of what is typed there comes first. */
function undoKeys(saver: RunSession['saver']): readonly KeyGroup[] {
  const bindings = [
    { keys: ['mod+z'], shown: 'ctrl z', does: 'take back the last change', run: () => saver.undo() },
    { keys: ['mod+shift+z'], shown: 'ctrl shift z', does: 'do it again', run: () => saver.redo() },
  ];
  return [{ title: 'The run', bindings }];
}

interface HeaderButtonProps {
  readonly label: string;
  readonly Sign: LucideIcon;
  readonly title: string;
  readonly isOn: boolean;
  readonly onClick: () => void;
}

function HeaderButton({ label, Sign, title, isOn, onClick }: HeaderButtonProps) {
  return (
    <button
      type="button"
      aria-label={label}
      title={title}
      disabled={!isOn}
      onClick={onClick}
      className="grid min-h-8 place-items-center rounded-md border border-on-ink-rule px-2.5 hover:bg-white/10 disabled:border-on-ink-off disabled:text-on-ink-rule"
    >
      <Sign size={17} aria-hidden />
    </button>
  );
}
