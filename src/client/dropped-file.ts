/** A file that was dropped on some page, until the page that reads it is there. */
let waiting: File | null = null;
const listeners = new Set<() => void>();

export const droppedFile = {
  put(file: File): void {
    waiting = file;
    for (const listener of listeners) listener();
  },
  /** Hands the file over once. */
  take(): File | null {
    const file = waiting;
    waiting = null;
    return file;
  },
  subscribe(listener: () => void): () => void {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
};
