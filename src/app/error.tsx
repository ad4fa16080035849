'use client';

import { Button } from '@/ui';

/** A page that failed: nothing entered is lost, since everything is saved as it happens. */
export default function ErrorPage({
  error,
  reset,
}: {
  readonly error: Error & { digest?: string };
  readonly reset: () => void;
}) {
  return (
    <main className="mx-auto max-w-2xl px-6 py-10">
      <h1 className="text-2xl font-bold">This page did not come up</h1>
      <p className="my-3 text-lg">
        Knurl made a mistake, or its server stopped while the page was read. What was saved is safe. Try again; if it
        comes back, start the server anew.
      </p>
      {error.digest && <p className="measure mb-3 text-soft">mark {error.digest}</p>}
      <Button weight="main" onClick={reset}>
        Try again
      </Button>
    </main>
  );
}
