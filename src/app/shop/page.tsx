import type { Metadata } from 'next';
import { CataloguePage } from '@/features/blank/shop/catalogue-page';
import { ShopHeader } from '@/features/runs/shop-header';
import { getContext, listBlanks } from '@/services';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Shop' };

interface PageProps {
  readonly searchParams: Promise<{ removed?: string }>;
}

export default async function Page({ searchParams }: PageProps) {
  const context = await getContext();
  return (
    <>
      <ShopHeader />
      <CataloguePage blanks={await listBlanks(context)} removedId={(await searchParams).removed ?? null} />
    </>
  );
}
