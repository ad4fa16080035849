import type { Metadata } from 'next';
import { MotifsPage } from '@/features/shop/motifs-page';
import { getContext, listThings } from '@/services';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Motifs of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

async function Page({ searchParams }: PageProps) {
  const motifs = await listThings(await getContext(), 'motifs');
  return <MotifsPage motifs={motifs} removedId={(await searchParams).removed ?? null} />;
}

export default readingPage(Page);
