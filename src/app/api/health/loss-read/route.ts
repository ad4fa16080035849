import { route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

/** Somebody has read that acknowledged writes were lost: it is not told any more. */
export const POST = route(async ({ context }) => {
  context.store.acknowledged.putAway();
  return new Response(null, { status: 204 });
});
