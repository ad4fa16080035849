/** Does something once the page has nothing more urgent to do, at most a second later. Answers how to call it off. */
export function whenIdle(work: () => void): () => void {
  if (typeof requestIdleCallback !== 'function') {
    const timer = setTimeout(work, LONGEST_MS / 5);
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(work, { timeout: LONGEST_MS });
  return () => cancelIdleCallback(handle);
}

const LONGEST_MS = 1000;
