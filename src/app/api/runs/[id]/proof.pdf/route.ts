import { fileNameOf, proofOfRun } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ id: string }>(async ({ params, context }) => {
  const name = await fileNameOf(context, params.id, 'proof.pdf');
  return answerWith(await proofOfRun(context, params.id), ({ bytes }) => attachment(bytes, 'application/pdf', name));
});
