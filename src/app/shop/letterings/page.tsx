import type { Metadata } from 'next';
import { LetteringsPage } from '@/features/shop/letterings-page';
import { getContext, listThings } from '@/services';
import { readingPage } from '../../_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Letterings of the shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

async function Page({ searchParams }: PageProps) {
  const letterings = await listThings(await getContext(), 'letterings');
  return <LetteringsPage letterings={letterings} removedId={(await searchParams).removed ?? null} />;
}

export default readingPage(Page);
