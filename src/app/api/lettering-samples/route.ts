import { letteringSample } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** A text in a lettering as it would be cut; nothing is kept of it. */
export const POST = route(async ({ request, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  return answerWith(await letteringSample(context, body.value), (answer) => Response.json(answer));
});
