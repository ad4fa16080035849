import { marksOfRun } from '@/services';
import { eventStream } from '../../../../_http/event-stream';
import { route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

/** Tells how far the run has come: at once, and after everything that is saved, made, released or done in it. */
export const GET = route<{ id: string }>(async ({ request, params: { id }, context }) => {
  const { store, events } = context;
  if (!(await marksOfRun(store.db, id))) return { kind: 'runNotFound', runId: id };
  return eventStream({
    signal: request.signal,
    read: () => marksOfRun(store.db, id),
    listen: (listener) => events.listen(id, listener),
  });
});
