/** Runs once when the server starts: the data folder is opened before the first request, or the server ends. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { openOrExit } = await import('./services/server-start');
  await openOrExit();
  const { endStreams } = await import('./app/_http/event-stream');
  // The server waits for every answer before it ends, and a stream has no end of its own.
  for (const signal of ['SIGTERM', 'SIGINT']) process.on(signal, endStreams);
}
