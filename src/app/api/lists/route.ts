import { MOST_FILE_BYTES } from '@/core/intake';
import { readList } from '@/services';
import { readBytes } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** A file as it is; `name` is only used to speak of it. */
export const POST = route(async ({ request, url, context }) => {
  const bytes = await readBytes(request, MOST_FILE_BYTES);
  if (!bytes.ok) return bytes.problem;
  const name = (url.searchParams.get('name') ?? 'list').slice(0, 200);
  return answerWith(await readList(context, bytes.value, name), (list) => Response.json(list));
});
