import { z } from 'zod';
import { isId } from '@/core/ids';
import { headOfPass, issuesOfZod, makeNextPass, pageOfList, toldOf, viewMadePasses } from '@/services';
import { pageAsked } from '../../../../_http/page-asked';
import { MOST_SPEC_BYTES, readJson } from '../../../../_http/read-json';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

const makeSchema = z.object({
  id: z.string().refine(isId, 'An id is a letter and nine letters or digits.').nullable().default(null),
  /** Name of the plan that the pass was seen in. */
  plan: z.string().max(64).nullable().default(null),
});

/** Passes of a page: with all that lies in them about a megabyte. */
const PAGE_SIZE = 100;

/** With `?heads=1` all of them, and only as much of each as a list of them shows. */
export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const isHeads = url.searchParams.get('heads') === '1';
  const page = pageAsked(url, PAGE_SIZE);
  if (!page.ok) return page.problem;
  return answerWith(await viewMadePasses(context, params.id), (passes) =>
    Response.json(
      isHeads
        ? { passes: passes.map(headOfPass) }
        : { passes: pageOfList(passes, page.value), ...toldOf(passes.length, page.value) },
    ),
  );
});

export const POST = route<{ id: string }>(async ({ request, params, context }) => {
  const hasBody = request.headers.has('content-type') || Number(request.headers.get('content-length') ?? 0) > 0;
  const body = hasBody ? await readJson(request, MOST_SPEC_BYTES) : ({ ok: true, value: {} } as const);
  if (!body.ok) return body.problem;
  const input = makeSchema.safeParse(body.value);
  if (!input.success) return { kind: 'invalidInput', issues: issuesOfZod(input.error) };
  return answerWith(await makeNextPass(context, params.id, input.data.id, input.data.plan), ({ pass, isRepeat }) =>
    Response.json(pass, {
      status: isRepeat ? 200 : 201,
      headers: { location: `/api/runs/${params.id}/passes/${pass.no}/cut.svg` },
    }),
  );
});
