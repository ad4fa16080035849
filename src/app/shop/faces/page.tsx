import type { Metadata } from 'next';
import { FacesPage } from '@/features/shop/faces-page';
import { getContext, listRunSummaries, listThings, textsToTry } from '@/services';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Faces of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string; run?: string }>;
}

async function Page({ searchParams }: PageProps) {
  const { removed = null, run: asked } = await searchParams;
  const context = await getContext();
  const { runs } = await listRunSummaries(context);
  const run = runs.find(({ id }) => id === asked);
  return (
    <FacesPage
      key={run?.id ?? ''}
      faces={await listThings(context, 'faces')}
      materials={await listThings(context, 'materials')}
      runs={runs.filter(({ isArchived }) => !isArchived).map(({ id, title }) => ({ id, title }))}
      names={run ? { runId: run.id, ...(await textsToTry(context, run.id)) } : null}
      removedId={removed}
    />
  );
}

export default readingPage(Page);
