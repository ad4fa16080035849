import type { Metadata } from 'next';
import { MaterialsPage } from '@/features/shop/materials-page';
import { getContext, listThings } from '@/services';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Materials of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

async function Page({ searchParams }: PageProps) {
  // As one text: a thousand of them, object by object, would take the page a tenth of a second to write and as long to read.
  const materials = JSON.stringify(await listThings(await getContext(), 'materials'));
  return <MaterialsPage materials={materials} removedId={(await searchParams).removed ?? null} />;
}

export default readingPage(Page);
