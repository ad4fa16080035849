import { fileNameOf, rosterXlsx } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) => {
  const name = await fileNameOf(context, params.id, 'roster.xlsx');
  return answerWith(await rosterXlsx(context, params.id), ({ bytes }) =>
    attachment(bytes, 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet', name),
  );
});
