import { z } from 'zod';
import { archiveRun, issuesOfZod } from '@/services';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

const archivedSchema = z.object({ isArchived: z.boolean() });

export const PUT = route<{ id: string }>(async ({ request, params, context }) => {
  const body = await readJson(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const input = archivedSchema.safeParse(body.value);
  if (!input.success) return { kind: 'invalidInput', issues: issuesOfZod(input.error) };
  return answerWith(
    await archiveRun(context, params.id, input.data.isArchived),
    () => new Response(null, { status: 204 }),
  );
});
