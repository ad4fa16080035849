import { MOST_FACE_BYTES, keepFaceFile } from '@/services';
import { readBytes } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** A font file as it is; keeps it and answers the face that it is. Putting it on the shelf is another act. */
export const POST = route(async ({ request, url, context }) => {
  const bytes = await readBytes(request, MOST_FACE_BYTES);
  if (!bytes.ok) return bytes.problem;
  const name = (url.searchParams.get('name') ?? 'face').slice(0, 200);
  return answerWith(await keepFaceFile(context, bytes.value, name), (kept) => Response.json(kept, { status: 201 }));
});
