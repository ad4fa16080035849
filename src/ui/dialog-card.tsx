import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { KeyboardEvent, ReactNode } from 'react';
import { isPressable } from './is-typing';

interface DialogCardProps {
  readonly title: ReactNode;
  readonly tone: 'work' | 'grave';
  /** For lists in two columns. */
  readonly isWide?: boolean;
  /** For a drawing to be worked on. */
  readonly isFull?: boolean;
  readonly isOpen: boolean;
  readonly onClose: () => void;
  /** What Enter does wherever the focus is on no button or field of its own; without it Enter does nothing here. */
  readonly onEnter?: (() => void) | undefined;
  readonly onKey?: (event: KeyboardEvent) => void;
  readonly children: ReactNode;
}

const EDGES = { work: 'border-t-verdigris', grave: 'border-t-madder' };

/**
 * A question or a page of help over the work. It has the focus itself at first, so that a key meant for the work behind it presses no
 * button here; Escape closes it.
 */
export function DialogCard({
  title,
  tone,
  isWide = false,
  isFull = false,
  isOpen,
  onClose,
  onEnter,
  onKey,
  children,
}: DialogCardProps) {
  const enter = (event: KeyboardEvent) => {
    onKey?.(event);
    if (event.key !== 'Enter' || event.repeat || event.defaultPrevented || hasEnterOfItsOwn(event.target)) return;
    if (!onEnter) return;
    event.preventDefault();
    onEnter();
  };
  return (
    <Dialog open={isOpen} onClose={onClose} onKeyDown={enter} className="relative z-10">
      <div className="fixed inset-0 bg-ink/50" aria-hidden />
      <div className="fixed inset-0 grid place-items-center overflow-y-auto p-4">
        <DialogPanel
          className={`grid w-full ${isFull ? 'max-w-[1500px]' : isWide ? 'max-w-3xl' : 'max-w-xl'} gap-4 border-t-[6px] bg-paper p-6 shadow-xl ${EDGES[tone]}`}
        >
          <DialogTitle className="text-xl font-bold">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}

function hasEnterOfItsOwn(target: EventTarget): boolean {
  return isPressable(target) || (target instanceof HTMLElement && target.closest('textarea, select') !== null);
}
