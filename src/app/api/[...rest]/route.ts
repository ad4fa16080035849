import { route } from '../../_http/route';

const nowhere = route(async () => ({ kind: 'noSuchAddress' }) as const);

export { nowhere as DELETE, nowhere as GET, nowhere as PATCH, nowhere as POST, nowhere as PUT };
