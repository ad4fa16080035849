import { z } from 'zod';
import { fileNameOf, issuesOfZod, templateOfPlace } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

const wishSchema = z.object({
  use: z.string(),
  place: z.string(),
  entry: z.string().nullable(),
  paper: z.enum(['a4', 'letter']),
  length: z.enum(['mm', 'inch']),
});

/** `use` and `place` name the place, `entry` whose text is drawn (left out: the widest), `paper` is a4 or letter, `length` mm or inch. */
export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const asked = Object.fromEntries(url.searchParams);
  const wish = wishSchema.safeParse({ entry: null, paper: 'a4', length: 'mm', ...asked });
  if (!wish.success) return { kind: 'invalidInput', issues: issuesOfZod(wish.error) };
  const { use, place, entry, paper, length } = wish.data;
  const made = await templateOfPlace(context, params.id, { useId: use, placeId: place, entryId: entry, paper, length });
  const name = await fileNameOf(context, params.id, 'template.pdf');
  return answerWith(made, ({ bytes }) => attachment(bytes, 'application/pdf', name));
});
