import { z } from 'zod';
import { HEATERS } from '@/core/shop';
import { fileNameOf, issuesOfZod, pressSheetOfRun } from '@/services';
import { attachment } from '../../../../_http/attachment';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

const wishSchema = z.object({
  pass: z.coerce.number().int().min(1).nullable(),
  heater: z.enum(HEATERS),
  heat: z.enum(['celsius', 'fahrenheit']),
  length: z.enum(['mm', 'inch']),
  paper: z.enum(['a4', 'letter']),
});

/** `pass` is a made pass (left out: the whole run); `heater`, `heat`, `length` and `paper` are those of the station. */
export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const asked = Object.fromEntries(url.searchParams);
  const usual = { pass: null, heater: 'clamshell', heat: 'celsius', length: 'mm', paper: 'a4' };
  const wish = wishSchema.safeParse({ ...usual, ...asked });
  if (!wish.success) return { kind: 'invalidInput', issues: issuesOfZod(wish.error) };
  const { pass, ...station } = wish.data;
  const made = await pressSheetOfRun(context, params.id, { passNo: pass, ...station });
  const name = await fileNameOf(context, params.id, pass === null ? 'press-sheet.pdf' : `press-sheet-pass-${pass}.pdf`);
  return answerWith(made, ({ bytes }) => attachment(bytes, 'application/pdf', name));
});
