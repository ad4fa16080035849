import { isShelf, noShelf, restoreThing } from '@/services';
import { answerWith, route } from '../../../../../_http/route';

export const dynamic = 'force-dynamic';

export const POST = route<{ shelf: string; id: string }>(async ({ params: { shelf, id }, context }) =>
  isShelf(shelf) ? answerWith(await restoreThing(context, shelf, id), (thing) => Response.json(thing)) : noShelf(shelf),
);
