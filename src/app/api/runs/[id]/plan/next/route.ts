import { openInPasses } from '@/services';
import { answerWith, route } from '../../../../../_http/route';

export const dynamic = 'force-dynamic';

/** What is open in the pass that would be made next; null when nothing is left to make. */
export const GET = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await openInPasses(context, params.id, null), ({ passes: [next] }) =>
    Response.json({ next: next ?? null }),
  ),
);
