import { rosterXlsx } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await rosterXlsx(context, params.id), ({ bytes }) =>
    attachment(bytes, 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', `${params.id}-roster.xlsx`),
  ),
);
