import { type ShopThingView, getThing, isShelf, noShelf, removeThing, saveThing } from '@/services';
import { counterOfIfMatch } from '../../../../_http/etag';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

type Params = { shelf: string; id: string };

const thingResponse = (thing: ShopThingView<unknown>) => Response.json(thing, { headers: { etag: `"${thing.rev}"` } });

export const GET = route<Params>(async ({ params: { shelf, id }, context }) =>
  isShelf(shelf) ? answerWith(await getThing(context, shelf, id), thingResponse) : noShelf(shelf),
);

/** If-Match "0" makes a new one, or the first change of what a bare shop begins with. */
export const PUT = route<Params>(async ({ request, params: { shelf, id }, context }) => {
  if (!isShelf(shelf)) return noShelf(shelf);
  const rev = counterOfIfMatch(request.headers);
  if (rev === null) return { kind: 'needsIfMatch' };
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  return answerWith(await saveThing(context, shelf, { id, rev, candidate: body.value }), thingResponse);
});

export const DELETE = route<Params>(async ({ params: { shelf, id }, context }) =>
  isShelf(shelf)
    ? answerWith(await removeThing(context, shelf, id), () => new Response(null, { status: 204 }))
    : noShelf(shelf),
);
