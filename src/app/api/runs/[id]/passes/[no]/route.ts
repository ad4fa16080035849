import { passOnBed } from '@/services';
import { answerWith, route } from '../../../../../_http/route';

export const dynamic = 'force-dynamic';

/** A made pass as it is drawn. */
export const GET = route<{ id: string; no: string }>(async ({ params, context }) => {
  if (!/^[1-9]\d{0,5}$/.test(params.no)) return { kind: 'noSuchAddress' };
  return answerWith(await passOnBed(context, params.id, Number(params.no)), (pass) => Response.json(pass));
});
