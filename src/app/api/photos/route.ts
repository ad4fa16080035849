import { MOST_PHOTO_BYTES, keepPhoto } from '@/services';
import { readBytes } from '../../_http/read-json';
import { answerWith, route } from '../../_http/route';

export const dynamic = 'force-dynamic';

/** A JPEG as it is; answers the hash that it is kept by. */
export const POST = route(async ({ request, context }) => {
  const bytes = await readBytes(request, MOST_PHOTO_BYTES);
  if (!bytes.ok) return bytes.problem;
  return answerWith(await keepPhoto(context, bytes.value), (photo) => Response.json(photo, { status: 201 }));
});
