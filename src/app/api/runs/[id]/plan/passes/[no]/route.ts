import { plannedPass } from '@/services';
import { answerWith, route } from '../../../../../../_http/route';

export const dynamic = 'force-dynamic';

/** A planned pass as it is drawn, with the name of the plan that it lies in. */
export const GET = route<{ id: string; no: string }>(async ({ params, context }) => {
  if (!/^[1-9]\d{0,5}$/.test(params.no)) return { kind: 'noSuchAddress' };
  return answerWith(await plannedPass(context, params.id, Number(params.no)), (planned) => Response.json(planned));
});
