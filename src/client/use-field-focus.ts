'use client';

import { useEffect } from 'react';
import type { SpecSaver } from './spec-saver';

/** Tells the saver when the cursor stands in a field: what is typed there was meant for the run as it stood when it was set there. */
export function useFieldFocus(saver: SpecSaver): void {
  useEffect(() => {
    const enter = ({ target }: FocusEvent) => isField(target) && saver.enterField();
    const leave = ({ relatedTarget }: FocusEvent) => {
      if (isField(relatedTarget)) return;
      // The field that is left takes over what was typed into it first.
      setTimeout(() => !isField(document.activeElement) && saver.leaveField());
    };
    document.addEventListener('focusin', enter);
    document.addEventListener('focusout', leave);
    return () => {
      document.removeEventListener('focusin', enter);
      document.removeEventListener('focusout', leave);
    };
  }, [saver]);
}

function isField(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, textarea, select') !== null;
}
