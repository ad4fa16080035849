import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { CardPage } from '@/features/shop/card-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Press card of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const card = await getThing(await getContext(), 'cards', id);
  if (!card.ok) notFound();
  return <CardPage key={id} initial={card.value} />;
}

export default readingPage(Page);
