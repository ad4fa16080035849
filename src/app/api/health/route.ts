import { health } from '@/services';
import { route } from '../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route(async ({ context }) => {
  const report = await health(context);
  return Response.json(report, { status: report.status === 'cannotWrite' ? 503 : 200 });
});
