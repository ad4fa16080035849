'use client';

import { useRef, useState } from 'react';
import { useBrowserText } from '@/client';

const WHY = 'Type who looks: a tick says whose eyes it was.';

/** Who ticks: no tick is set without a name, and whoever signed last at this browser is offered. */
export function useSigner() {
  const [last, setLast] = useBrowserText('who');
  const [who, setWho] = useState('');
  const [asked, setAsked] = useState<string | null>(null);
  const ref = useRef<HTMLInputElement>(null);
  return {
    field: {
      who,
      last,
      asked,
      ref,
      onWho: (next: string) => {
        setWho(next);
        setAsked(null);
      },
    },
    /** Does it with the name; asks for one where there is none. Answers whether it was done. */
    signed: (deed: (who: string) => void): boolean => {
      const name = who.trim();
      if (name === '') {
        setAsked(WHY);
        ref.current?.focus();
        return false;
      }
      setLast(name);
      deed(name);
      return true;
    },
  };
}
