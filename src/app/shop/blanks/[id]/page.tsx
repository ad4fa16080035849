import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { ShopBlankPage } from '@/features/blank/shop/shop-blank-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Blank of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const blank = await getThing(await getContext(), 'blanks', (await params).id);
  if (!blank.ok) notFound();
  return <ShopBlankPage initial={blank.value} />;
}

export default readingPage(Page);
