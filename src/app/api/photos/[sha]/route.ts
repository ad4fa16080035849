import { photoBytes } from '@/services';
import { answerWith, route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ sha: string }>(async ({ params, context }) =>
  answerWith(
    await photoBytes(context, params.sha),
    (bytes) =>
      new Response(bytes as Uint8Array<ArrayBuffer>, {
        headers: {
          'content-type': 'image/jpeg',
          'cache-control': 'private, max-age=31536000, immutable',
          'content-security-policy': "default-src 'none'",
        },
      }),
  ),
);
