import { newCountdownSchema } from '@/core/countdown';
import { countdownsOfRun, issuesOfZod, startCountdown } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

/** What is waited for at the press, with the clock that it is counted by. */
export const GET = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await countdownsOfRun(context, params.id), (view) => Response.json(view)),
);

export const POST = route<{ id: string }>(async ({ request, params, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const sent = newCountdownSchema.safeParse(body.value);
  if (!sent.success) return { kind: 'invalidInput', issues: issuesOfZod(sent.error) };
  return answerWith(await startCountdown(context, params.id, sent.data), (view) =>
    Response.json(view, { status: 201 }),
  );
});
