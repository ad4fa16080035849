'use client';

import { type RefObject, useEffect, useState } from 'react';

/** Whether an element was in sight once: what is costly to draw waits for that. */
export function useSeen(element: RefObject<Element | null>): boolean {
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    if (isSeen || !element.current) return;
    const observer = new IntersectionObserver((entries) => {
      if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
    });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [isSeen, element]);
  return isSeen;
}
