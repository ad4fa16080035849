import { fileNameOf, rosterCsv } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) => {
  const name = await fileNameOf(context, params.id, 'roster.csv');
  return answerWith(await rosterCsv(context, params.id), ({ bytes }) =>
    attachment(bytes, 'text/csv; charset=utf-8', name),
  );
});
