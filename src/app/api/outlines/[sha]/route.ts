import { outlineText } from '@/services';
import { answerWith, route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route<{ sha: string }>(async ({ params, context }) =>
  answerWith(
    await outlineText(context, params.sha),
    (text) =>
      new Response(text, {
        headers: { 'content-type': 'application/json', 'cache-control': 'private, max-age=31536000, immutable' },
      }),
  ),
);
