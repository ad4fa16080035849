import { fileNameOf, writeBundle } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';
import { textStream } from '../../../../_http/text-stream';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) => {
  const name = await fileNameOf(context, params.id, '.knurl.json');
  return answerWith(await writeBundle(context, params.id), (parts) =>
    attachment(textStream(parts), 'application/json; charset=utf-8', name),
  );
});
