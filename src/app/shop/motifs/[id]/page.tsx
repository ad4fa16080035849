import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { MotifPage } from '@/features/shop/motif-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Motif of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const motif = await getThing(await getContext(), 'motifs', id);
  if (!motif.ok) notFound();
  return <MotifPage key={id} initial={motif.value} />;
}

export default readingPage(Page);
