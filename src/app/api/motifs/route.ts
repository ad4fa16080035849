import { MOST_MOTIF_BYTES, readMotifFile } from '@/services';
import { leftOutWords } from '../../_http/drawing-problem';
import { readBytes } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** A drawing as it is, SVG; answers the motif that it gives and what was left out. Nothing is kept: putting it on the shelf is another act. */
export const POST = route(async ({ request, url, context }) => {
  const bytes = await readBytes(request, MOST_MOTIF_BYTES);
  if (!bytes.ok) return bytes.problem;
  const name = (url.searchParams.get('name') ?? 'motif').slice(0, 200);
  return answerWith(await readMotifFile(context, bytes.value, name), ({ motif, leftOut }) =>
    Response.json({ motif, leftOut: leftOut.length === 0 ? null : leftOutWords(leftOut) }),
  );
});
