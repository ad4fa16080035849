'use client';

import { useEffect, useState } from 'react';

/** While it prints, a page shows what is printed in place of what is only drawn near the window. */
export function usePrint(): { readonly isPrinting: boolean; readonly print: () => void } {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    if (!isPrinting) return undefined;
    const end = () => setPrinting(false);
    window.addEventListener('afterprint', end);
    window.print();
    return () => window.removeEventListener('afterprint', end);
  }, [isPrinting]);
  return { isPrinting, print: () => setPrinting(true) };
}
