import { benchOfRun } from '@/services';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context, url }) =>
  answerWith(await benchOfRun(context, params.id, url.searchParams.get('station') ?? ''), (bench) =>
    Response.json(bench),
  ),
);
