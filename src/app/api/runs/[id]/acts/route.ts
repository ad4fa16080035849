import { sentActSchema } from '@/core/ledger';
import { issuesOfZod, recordAct } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const POST = route<{ id: string }>(async ({ request, params, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const sent = sentActSchema.safeParse(body.value);
  if (!sent.success) return { kind: 'invalidInput', issues: issuesOfZod(sent.error) };
  const { mayMake, notCut, plan, ...act } = sent.data;
  return answerWith(await recordAct(context, params.id, act, { mayMake, notCut, plan }), (answer) =>
    Response.json(answer, { status: answer.isRepeat ? 200 : 201 }),
  );
});
