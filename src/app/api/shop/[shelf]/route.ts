import { isShelf, listThings, noShelf } from '@/services';
import { route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

/** Everything on a shelf, under its name. */
export const GET = route<{ shelf: string }>(async ({ params: { shelf }, context }) =>
  isShelf(shelf) ? Response.json({ [shelf]: await listThings(context, shelf) }) : noShelf(shelf),
);
