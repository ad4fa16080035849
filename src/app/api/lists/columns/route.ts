import { columnsKnown } from '@/services';
import { route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

/** `key` are the headers in small letters, parted by tabs. */
export const GET = route(async ({ url, context }) =>
  Response.json({ choice: await columnsKnown(context, url.searchParams.get('key') ?? '') }),
);
