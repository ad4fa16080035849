import { getRun, removeRunById, saveSpec } from '@/services';
import { counterOfIfMatch, runResponse } from '../../../_http/etag';
import { MOST_SPEC_BYTES, readJson } from '../../../_http/read-json';
import { answerWith, route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

type Params = { id: string };

export const GET = route<Params>(async ({ params, context }) =>
  answerWith(await getRun(context, params.id), (run) => runResponse(run)),
);

export const PUT = route<Params>(async ({ request, params, context }) => {
  const counter = counterOfIfMatch(request.headers);
  if (counter === null) return { kind: 'needsIfMatch' };
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  return answerWith(await saveSpec(context, params.id, counter, body.value), (run) => runResponse(run));
});

export const DELETE = route<Params>(async ({ params, context }) =>
  answerWith(await removeRunById(context, params.id), () => new Response(null, { status: 204 })),
);
