import type { Metadata } from 'next';
import { CardsPage } from '@/features/shop/cards-page';
import { getContext, listThings } from '@/services';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Press cards of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

async function Page({ searchParams }: PageProps) {
  const cards = await listThings(await getContext(), 'cards');
  return <CardsPage cards={cards} removedId={(await searchParams).removed ?? null} />;
}

export default readingPage(Page);
