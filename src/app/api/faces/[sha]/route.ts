import { faceBytes } from '@/services';
import { answerWith, route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

/** The file of a face that was brought in; what has this hash never changes. */
export const GET = route<{ sha: string }>(async ({ params, context }) =>
  answerWith(
    await faceBytes(context, params.sha),
    (bytes) =>
      new Response(bytes as Uint8Array<ArrayBuffer>, {
        headers: {
          'content-type': 'font/sfnt',
          'cache-control': 'private, max-age=31536000, immutable',
          'content-security-policy': "default-src 'none'",
        },
      }),
  ),
);
