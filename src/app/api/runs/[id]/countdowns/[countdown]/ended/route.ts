import { endingSchema } from '@/core/countdown';
import { endCountdown, issuesOfZod } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../../../../../_http/read-json';
import { answerWith, route } from '../../../../../../_http/route';

export const dynamic = 'force-dynamic';

/** Ends a countdown before its time. */
export const POST = route<{ id: string; countdown: string }>(async ({ request, params, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const sent = endingSchema.safeParse(body.value);
  if (!sent.success) return { kind: 'invalidInput', issues: issuesOfZod(sent.error) };
  return answerWith(await endCountdown(context, params.id, params.countdown, sent.data), (view) => Response.json(view));
});
