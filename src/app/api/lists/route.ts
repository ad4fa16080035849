import { MOST_FILE_BYTES, isEncoding } from '@/core/intake';
import { readList } from '@/services';
import { readBytes } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** A file as it is; `name` is only used to speak of it, `encoding` says how its letters were written where a person knows better. */
export const POST = route(async ({ request, url, context }) => {
  const bytes = await readBytes(request, MOST_FILE_BYTES);
  if (!bytes.ok) return bytes.problem;
  const name = (url.searchParams.get('name') ?? 'list').slice(0, 200);
  const encoding = url.searchParams.get('encoding') ?? '';
  return answerWith(await readList(context, bytes.value, name, isEncoding(encoding) ? encoding : null), (list) =>
    Response.json(list),
  );
});
