import { z } from 'zod';
import { isId } from '@/core/ids';
import { issuesOfZod, releaseOfRun, releaseRun } from '@/services';
import { readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

const MOST_BYTES = 10_000;

const releaseInputSchema = z.object({
  id: z.string().refine(isId, 'An id is a letter and nine letters or digits.'),
  by: z.object({ who: z.string().max(80), station: z.string().min(1).max(40) }),
});

export const GET = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await releaseOfRun(context, params.id), (view) => Response.json(view)),
);

export const POST = route<{ id: string }>(async ({ request, params, context }) => {
  const body = await readJson(request, MOST_BYTES);
  if (!body.ok) return body.problem;
  const input = releaseInputSchema.safeParse(body.value);
  if (!input.success) return { kind: 'invalidInput', issues: issuesOfZod(input.error) };
  return answerWith(await releaseRun(context, params.id, input.data), (view) => Response.json(view, { status: 201 }));
});
