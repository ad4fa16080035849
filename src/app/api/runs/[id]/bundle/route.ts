import { exportBundle, fileNameOf, writeBundle } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) => {
  const name = await fileNameOf(context, params.id, '.knurl.json');
  return answerWith(await exportBundle(context, params.id), (bundle) =>
    attachment(writeBundle(bundle), 'application/json; charset=utf-8', name),
  );
});
