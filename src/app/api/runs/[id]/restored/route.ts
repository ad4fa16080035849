import { restoreRunById } from '@/services';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const POST = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await restoreRunById(context, params.id), () => new Response(null, { status: 204 })),
);
