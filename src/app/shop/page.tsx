import type { Metadata } from 'next';
import { CataloguePage } from '@/features/blank/shop/catalogue-page';
import { getContext, listThings } from '@/services';
import { readingPage } from '../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

async function Page({ searchParams }: PageProps) {
  const context = await getContext();
  return (
    <CataloguePage blanks={await listThings(context, 'blanks')} removedId={(await searchParams).removed ?? null} />
  );
}

export default readingPage(Page);
