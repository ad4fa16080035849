import { faceRow } from '@/services';
import { readJson } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

/** A few texts and figures. */
const MOST_REQUEST_BYTES = 10_000;

export const dynamic = 'force-dynamic';

/** A face, texts, a letter height and what a film takes; answers the texts drawn in it and what is measured of them. */
export const POST = route(async ({ request, context }) => {
  const body = await readJson(request, MOST_REQUEST_BYTES);
  if (!body.ok) return body.problem;
  return answerWith(await faceRow(context, body.value), (row) => Response.json(row));
});
