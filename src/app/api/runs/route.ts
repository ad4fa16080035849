import { z } from 'zod';
import { fail, ok } from '@/core/outcome';
import {
  type RunView,
  createRun,
  importBundle,
  issuesOfZod,
  listRunSummaries,
  parseJson,
  storeNewRun,
} from '@/services';
import { runResponse } from '../../_http/etag';
import { listInputSchema } from '../../_http/list-input';
import { MOST_SPEC_BYTES, readBodyOrBundle } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

const newRunSchema = z.intersection(
  listInputSchema,
  z.object({
    title: z.string().trim().min(1, 'Give the run a title.').max(200),
    dueOn: z.iso.date().nullable().default(null),
    blankId: z.string().max(40).optional(),
    letteringId: z.string().max(40).optional(),
  }),
);

export const GET = route(async ({ context }) => Response.json(await listRunSummaries(context)));

export const POST = route(async ({ request, context }) => {
  const body = await readBodyOrBundle(request, MOST_SPEC_BYTES);
  if (!body.ok) return body.problem;
  const { bytes, mayBeBundle } = body.value;
  const brought = mayBeBundle ? await importBundle(context, bytes) : null;
  if (brought && (brought.ok || brought.problem.kind !== 'noBundle')) return answerWith(brought, created);
  if (bytes.length > MOST_SPEC_BYTES) return { kind: 'bodyTooLarge', mostBytes: MOST_SPEC_BYTES };
  const read = parseJson(bytes);
  if (!read.ok) return read.problem;
  // Of another format, or of none that is known: what is wrong with it is told as of a bundle.
  if (isFormatted(read.value)) return answerWith(await importBundle(context, bytes), created);
  if (isSpecAlone(read.value)) return answerWith(await storeNewRun(context, read.value.spec), created);
  const input = newRunSchema.safeParse(read.value);
  const run = input.success
    ? await createRun(context, input.data)
    : fail({ kind: 'invalidInput' as const, issues: issuesOfZod(input.error) });
  return answerWith(run.ok ? ok(run.value) : run, created);
});

function isFormatted(value: unknown): boolean {
  return typeof value === 'object' && value !== null && 'format' in value;
}

function isSpecAlone(value: unknown): value is { spec: unknown } {
  return typeof value === 'object' && value !== null && 'spec' in value;
}

function created(run: RunView): Response {
  return runResponse(run, 201, { location: `/api/runs/${run.id}` });
}
