import { listBlanks } from '@/services';
import { route } from '../../../_http/route';

export const dynamic = 'force-dynamic';

export const GET = route(async ({ context }) => Response.json({ blanks: await listBlanks(context) }));
