import { planOfRun } from '@/services';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const withOutlines = url.searchParams.get('outlines') === '1';
  return answerWith(await planOfRun(context, params.id, withOutlines), (answer) => Response.json(answer));
});
