import { z } from 'zod';
import { fail, ok } from '@/core/outcome';
import { type RunView, createRun, importBundle, issuesOfZod, listRunSummaries, storeNewRun } from '@/services';
import { runResponse } from '../../_http/etag';
import { listInputSchema } from '../../_http/list-input';
import { MOST_SPEC_BYTES, readJsonOrBundle } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

const newRunSchema = z.intersection(
  listInputSchema,
  z.object({
    title: z.string().trim().min(1, 'Give the run a title.').max(200),
    dueOn: z.iso.date().nullable().default(null),
  }),
);

export const GET = route(async ({ context }) => Response.json(await listRunSummaries(context)));

export const POST = route(async ({ request, context }) => {
  const body = await readJsonOrBundle(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  if (isBundle(body.value)) return answerWith(await importBundle(context, body.value), created);
  if (isSpecAlone(body.value)) return answerWith(await storeNewRun(context, body.value.spec), created);
  const input = newRunSchema.safeParse(body.value);
  const run = input.success
    ? await createRun(context, input.data)
    : fail({ kind: 'invalidInput' as const, issues: issuesOfZod(input.error) });
  return answerWith(run.ok ? ok(run.value) : run, created);
});

function isBundle(value: unknown): boolean {
  return typeof value === 'object' && value !== null && 'format' in value;
}

function isSpecAlone(value: unknown): value is { spec: unknown } {
  return typeof value === 'object' && value !== null && 'spec' in value;
}

function created(run: RunView): Response {
  return runResponse(run, 201, { location: `/api/runs/${run.id}` });
}
