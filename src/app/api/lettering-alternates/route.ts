import { letteringAlternates } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** What the face of a lettering offers besides for the letters of a text, drawn; nothing is kept of it. */
export const POST = route(async ({ request, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  return answerWith(await letteringAlternates(context, body.value), (answer) => Response.json(answer));
});
