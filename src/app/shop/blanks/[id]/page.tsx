import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { ShopBlankPage } from '@/features/blank/shop/shop-blank-page';
import { ShopHeader } from '@/features/runs/shop-header';
import { getBlank, getContext } from '@/services';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Blank of the shop' };

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const blank = await getBlank(await getContext(), (await params).id);
  if (!blank.ok) notFound();
  return (
    <>
      <ShopHeader />
      <ShopBlankPage initial={blank.value} />
    </>
  );
}
