/** How long the worker computes before it lets a newer request in. */
const SLICE_MS = 12;

/** Computes one by one, letting messages in between; false as soon as nobody waits for it any more. */
export async function inSlices<T>(
  all: Iterable<T>,
  isCurrent: () => boolean,
  each: (one: T) => void,
): Promise<boolean> {
  let sliceEnd = performance.now() + SLICE_MS;
  for (const one of all) {
    each(one);
    if (performance.now() < sliceEnd) continue;
    await letMessagesIn();
    if (!isCurrent()) return false;
    sliceEnd = performance.now() + SLICE_MS;
  }
  return true;
}

/** Gives way to waiting messages and goes on at once; a timer would wait four milliseconds every time. */
export function letMessagesIn(): Promise<void> {
  return new Promise((resolve) => {
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      channel.port1.close();
      resolve();
    };
    channel.port2.postMessage(null);
  });
}
