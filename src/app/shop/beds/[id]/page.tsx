import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { BedPage } from '@/features/shop/bed-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Bed of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const bed = await getThing(await getContext(), 'beds', id);
  if (!bed.ok) notFound();
  return <BedPage key={id} initial={bed.value} />;
}

export default readingPage(Page);
