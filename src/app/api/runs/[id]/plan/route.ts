import { planOfRun } from '@/services';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const outlinesOf = url.searchParams.get('outlines') === '1' ? 'all' : null;
  return answerWith(await planOfRun(context, params.id, outlinesOf), (answer) => Response.json(answer));
});
