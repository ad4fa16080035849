'use client';

import { Toaster, toast } from 'sonner';

/** Where messages that pass appear: out of the way of the deeds, read out, gone by themselves or by Escape. */
export function Passing() {
  return (
    <Toaster
      position="bottom-left"
      containerAriaLabel="Messages that pass"
      toastOptions={{
        unstyled: true,
        classNames: {
          toast: 'flex w-96 items-center gap-3 border-l-4 border-note bg-note-tint px-4 py-2 text-ink shadow-xl',
          actionButton: 'text-link text-verdigris order-1 ml-auto font-semibold',
          cancelButton: 'text-link text-verdigris order-2',
        },
      }}
    />
  );
}

/**
 * Says what was done, where nothing has to be decided on it; `undo` takes it back. A message with a way back waits
 * until it is used, put away, or the next message comes: nobody is made to be quick.
 */
export function tellPassing(text: string, undo?: () => void): void {
  toast.dismiss();
  if (undo)
    toast(text, {
      duration: Infinity,
      action: { label: 'Undo', onClick: undo },
      cancel: { label: 'Put away', onClick: () => {} },
    });
  else toast(text, { duration: 7000 });
}
