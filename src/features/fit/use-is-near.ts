'use client';

import { type RefObject, useEffect, useState } from 'react';

/** How far outside the window something is made ready. */
const AHEAD = '800px';

/** True from the first moment that an element comes near the window: what is far away need not be drawn yet. */
export function useIsNear(element: RefObject<Element | null>): boolean {
  const [isNear, setNear] = useState(false);
  useEffect(() => {
    const watched = element.current;
    if (!watched) return;
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry?.isIntersecting) return;
        setNear(true);
        observer.disconnect();
      },
      { rootMargin: AHEAD },
    );
    observer.observe(watched);
    return () => observer.disconnect();
  }, [element]);
  return isNear;
}
