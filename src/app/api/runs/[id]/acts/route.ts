import { newActSchema } from '@/core/ledger';
import { issuesOfZod, recordAct } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const POST = route<{ id: string }>(async ({ request, params, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const act = newActSchema.safeParse(body.value);
  if (!act.success) return { kind: 'invalidInput', issues: issuesOfZod(act.error) };
  return answerWith(await recordAct(context, params.id, act.data), (answer) =>
    Response.json(answer, { status: answer.isRepeat ? 200 : 201 }),
  );
});
