import { restoreBlank } from '@/services';
import { answerWith, route } from '../../../../../_http/route';

export const dynamic = 'force-dynamic';

export const POST = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await restoreBlank(context, params.id), (blank) => Response.json(blank)),
);
