import { z } from 'zod';
import { fileNameOf, issuesOfZod, proofOfRun } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

const wishSchema = z.object({
  paper: z.enum(['a4', 'letter']),
  length: z.enum(['mm', 'inch']),
  heat: z.enum(['celsius', 'fahrenheit']),
});

/** `paper`, `length` and `heat` are those of the station; left out: a4, mm, celsius. */
export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const wish = wishSchema.safeParse({
    paper: 'a4',
    length: 'mm',
    heat: 'celsius',
    ...Object.fromEntries(url.searchParams),
  });
  if (!wish.success) return { kind: 'invalidInput', issues: issuesOfZod(wish.error) };
  const { paper, ...units } = wish.data;
  const name = await fileNameOf(context, params.id, 'proof.pdf');
  const made = await proofOfRun(context, params.id, { paper, units });
  return answerWith(made, ({ bytes }) => attachment(bytes, 'application/pdf', name));
});
