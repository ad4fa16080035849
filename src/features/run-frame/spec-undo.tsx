'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { useRun } from '@/client';
import { isTyping } from '@/ui';

/** Takes back what this page changed in the run. At the bench the ledger's own undo stands beside the marks instead. */
export function SpecUndo() {
  const { saver, canUndo, canRedo } = useRun();
  const isBench = usePathname().endsWith('/bench');
  useEffect(() => {
    if (isBench) return;
    const onKey = (event: KeyboardEvent) => {
      const isUndoKey = (event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 'z';
      // While a field has the keyboard, the browser's own undo of what is typed there comes first.
      if (!isUndoKey || isTyping(event.target)) return;
      event.preventDefault();
      if (event.shiftKey) saver.redo();
      else saver.undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [saver, isBench]);
  if (isBench) return null;
  return (
    <span className="flex gap-1">
      <HeaderButton label="Undo" title="Take back the last change (Ctrl Z)" isOn={canUndo} onClick={saver.undo} />
      <HeaderButton label="Redo" title="Do it again (Ctrl Shift Z)" isOn={canRedo} onClick={saver.redo} />
    </span>
  );
}

interface HeaderButtonProps {
  readonly label: string;
  readonly title: string;
  readonly isOn: boolean;
  readonly onClick: () => void;
}

function HeaderButton({ label, title, isOn, onClick }: HeaderButtonProps) {
  return (
    <button
      type="button"
      title={title}
      disabled={!isOn}
      onClick={onClick}
      className="min-h-8 rounded-md border border-[#8d8a80] px-2.5 hover:bg-white/10 disabled:border-[#4d5256] disabled:text-[#8d8a80]"
    >
      {label}
    </button>
  );
}
