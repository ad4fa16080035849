/** A line now and then keeps proxies and browsers from thinking the stream dead. */
const BEAT_MS = 15_000;

interface Source {
  /** The browser went away. */
  readonly signal: AbortSignal;
  /** The state to be told; null ends the stream. */
  readonly read: () => Promise<object | null>;
  /** Calls back when it may have changed; answers how to stop that. */
  readonly listen: (listener: () => void) => () => void;
}

/** Streams that are open: a server that is asked to end waits for all of its answers, and these would never come to one. */
interface Streams {
  readonly open: Set<() => void>;
  isEnding: boolean;
}
const holder = globalThis as typeof globalThis & { knurlStreams?: Streams };
const streams = (holder.knurlStreams ??= { open: new Set(), isEnding: false });

/** Ends all streams and opens none any more: browsers ask again at once over connections that are still there. */
export function endStreams(): void {
  streams.isEnding = true;
  for (const end of streams.open) end();
}

/** Server-sent events: one at once, one after each change, the newest state alone however many came in between. */
export function eventStream({ signal, read, listen }: Source): Response {
  if (streams.isEnding) return new Response(null, { status: 503, headers: { connection: 'close' } });
  const encoder = new TextEncoder();
  let end = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      let isOpen = true;
      let isTelling = false;
      let isAsked = false;
      const send = (text: string) => isOpen && controller.enqueue(encoder.encode(text));
      const tell = async () => {
        isAsked = true;
        if (isTelling) return;
        isTelling = true;
        while (isAsked && isOpen) {
          isAsked = false;
          const state = await read();
          if (state === null) end();
          else send(`data: ${JSON.stringify(state)}\n\n`);
        }
        isTelling = false;
      };
      const stop = listen(() => void tell());
      const beat = setInterval(() => send(': still here\n\n'), BEAT_MS);
      end = () => {
        if (!isOpen) return;
        isOpen = false;
        clearInterval(beat);
        stop();
        streams.open.delete(end);
        signal.removeEventListener('abort', end);
        try {
          controller.close();
        } catch {
          // The browser was first.
        }
      };
      streams.open.add(end);
      signal.addEventListener('abort', end);
      send(': hello\n\n');
      void tell();
    },
    cancel: () => end(),
  });
  return new Response(body, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store, no-transform',
      connection: 'close',
    },
  });
}
