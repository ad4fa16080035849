import { duplicateRun } from '@/services';
import { runResponse } from '../../../../_http/etag';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const POST = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await duplicateRun(context, params.id), (run) =>
    runResponse(run, 201, { location: `/api/runs/${run.id}` }),
  ),
);
