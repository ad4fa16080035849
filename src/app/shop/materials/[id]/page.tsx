import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { MaterialPage } from '@/features/shop/material-page';
import { getContext, getThing } from '@/services';
import { readingPage } from '../../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Material of the shop' };

async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const material = await getThing(await getContext(), 'materials', id);
  if (!material.ok) notFound();
  return <MaterialPage key={id} initial={material.value} />;
}

export default readingPage(Page);
