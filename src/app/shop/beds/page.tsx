import type { Metadata } from 'next';
import { BedsPage } from '@/features/shop/beds-page';
import { getContext, listThings } from '@/services';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Beds of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

async function Page({ searchParams }: PageProps) {
  const beds = await listThings(await getContext(), 'beds');
  return <BedsPage beds={beds} removedId={(await searchParams).removed ?? null} />;
}

export default readingPage(Page);
