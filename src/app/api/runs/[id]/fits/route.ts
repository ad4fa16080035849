import { fitsOfRun } from '@/services';
import { pageAsked } from '../../../../_http/page-asked';
import { answerWith, route } from '../../../../_http/route';

export const dynamic = 'force-dynamic';

/** Fits of a page; an outline is as long as all else that is said of ten fits. */
const PAGE_SIZE = 1000;
const PAGE_SIZE_WITH_OUTLINES = 100;

export const GET = route<{ id: string }>(async ({ params, context, url }) => {
  const withOutlines = url.searchParams.get('outlines') === '1';
  const page = pageAsked(url, withOutlines ? PAGE_SIZE_WITH_OUTLINES : PAGE_SIZE);
  if (!page.ok) return page.problem;
  return answerWith(await fitsOfRun(context, params.id, { withOutlines, page: page.value }), (answer) =>
    Response.json(answer),
  );
});
