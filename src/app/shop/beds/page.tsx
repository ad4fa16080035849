import type { Metadata } from 'next';
import { BedsPage } from '@/features/shop/beds-page';
import { getContext, listThings } from '@/services';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Beds of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

export default async function Page({ searchParams }: PageProps) {
  const beds = await listThings(await getContext(), 'beds');
  return <BedsPage beds={beds} removedId={(await searchParams).removed ?? null} />;
}
