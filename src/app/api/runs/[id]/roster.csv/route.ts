import { rosterCsv } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await rosterCsv(context, params.id), ({ bytes }) =>
    attachment(bytes, 'text/csv; charset=utf-8', `${params.id}-roster.csv`),
  ),
);
