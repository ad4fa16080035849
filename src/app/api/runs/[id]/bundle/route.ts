import { exportBundle, writeBundle } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) =>
  answerWith(await exportBundle(context, params.id), (bundle) =>
    attachment(writeBundle(bundle), 'application/json; charset=utf-8', `${params.id}.knurl.json`),
  ),
);
