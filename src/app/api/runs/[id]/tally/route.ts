import { benchOfRun } from '@/services';
import { pageAsked } from '../../../../_http/page-asked';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

/** Items of a page: with what is said of them about a megabyte. */
const PAGE_SIZE = 1000;

export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const page = pageAsked(url, PAGE_SIZE);
  if (!page.ok) return page.problem;
  const station = url.searchParams.get('station') ?? '';
  return answerWith(await benchOfRun(context, params.id, station, page.value), (bench) => Response.json(bench));
});
