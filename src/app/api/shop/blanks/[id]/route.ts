import { type ShopBlankView, getBlank, removeBlank, saveBlank } from '@/services';
import { counterOfIfMatch } from '../../../../_http/etag';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

type Params = { id: string };

const blankResponse = (blank: ShopBlankView) => Response.json(blank, { headers: { etag: `"${blank.rev}"` } });

export const GET = route<Params>(async ({ params, context }) =>
  answerWith(await getBlank(context, params.id), blankResponse),
);

/** If-Match "0" makes a new one, or the first change of one of the starter's. */
export const PUT = route<Params>(async ({ request, params, context }) => {
  const rev = counterOfIfMatch(request.headers);
  if (rev === null) return { kind: 'needsIfMatch' };
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  return answerWith(await saveBlank(context, params.id, rev, body.value), blankResponse);
});

export const DELETE = route<Params>(async ({ params, context }) =>
  answerWith(await removeBlank(context, params.id), () => new Response(null, { status: 204 })),
);
