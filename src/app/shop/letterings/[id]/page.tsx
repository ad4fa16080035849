import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { LetteringPage } from '@/features/shop/lettering-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Lettering of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const lettering = await getThing(await getContext(), 'letterings', id);
  if (!lettering.ok) notFound();
  return <LetteringPage key={id} initial={lettering.value} />;
}

export default readingPage(Page);
