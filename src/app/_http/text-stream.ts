/** So much is sent at a time: smaller parts are put together. */
const CHUNK_CHARACTERS = 65_536;

/** A text that is written as it is taken: whoever reads slowly is waited for, and of a long one no more than a part is in memory. */
export function textStream(parts: AsyncIterator<string>): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  return new ReadableStream<Uint8Array>({
    async pull(controller) {
      let text = '';
      let isDone = false;
      while (!isDone && text.length < CHUNK_CHARACTERS) {
        const next = await parts.next();
        isDone = next.done === true;
        if (next.done !== true) text += next.value;
      }
      if (text !== '') controller.enqueue(encoder.encode(text));
      if (isDone) controller.close();
    },
    async cancel() {
      await parts.return?.();
    },
  });
}
