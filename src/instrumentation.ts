/** Runs once when the server starts: the data folder is opened before the first request, or the server ends. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { openOrExit } = await import('./services/server-start');
  await openOrExit();
  const { guardDoor } = await import('./app/_http/door');
  guardDoor();
  const { endStreams } = await import('./app/_http/event-stream');
  for (const [signal, number] of [
    ['SIGINT', 2],
    ['SIGTERM', 15],
  ] as const) {
    process.on(signal, () => {
      // The server waits for every answer before it ends, and a stream has no end of its own.
      endStreams();
      // Browsers open connections that they ask nothing over: those would be waited for, too. What was acknowledged is on the disk.
      setTimeout(() => process.exit(128 + number), MOST_TO_END_MS).unref();
    });
  }
}

/** What is being answered when the server is asked to end has so long. */
const MOST_TO_END_MS = 4000;
