import { issuesOfZod, replaceList } from '@/services';
import { counterOfIfMatch, runResponse } from '../../../../_http/etag';
import { listInputSchema } from '../../../../_http/list-input';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const PUT = route<{ id: string }>(async ({ request, params, context }) => {
  const counter = counterOfIfMatch(request.headers);
  if (counter === null) return { kind: 'needsIfMatch' };
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const input = listInputSchema.safeParse(body.value);
  if (!input.success) return { kind: 'invalidInput', issues: issuesOfZod(input.error) };
  return answerWith(await replaceList(context, params.id, counter, input.data), (run) => runResponse(run));
});
