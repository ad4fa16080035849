import type { Metadata } from 'next';
import { CataloguePage } from '@/features/blank/shop/catalogue-page';
import { ShopHeader } from '@/features/runs/shop-header';
import { getContext, listBlanks } from '@/services';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Shop' };

export default async function Page() {
  const context = await getContext();
  return (
    <>
      <ShopHeader />
      <CataloguePage blanks={await listBlanks(context)} />
    </>
  );
}
