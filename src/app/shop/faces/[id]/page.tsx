import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { FacePage } from '@/features/shop/face-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Face of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const face = await getThing(await getContext(), 'faces', id);
  if (!face.ok) notFound();
  return <FacePage key={id} initial={face.value} />;
}

export default readingPage(Page);
