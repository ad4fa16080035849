/** Runs once when the server starts: the data folder is opened before the first request, or the server ends. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { openOrExit } = await import('./services/server-start');
  await openOrExit();
}
