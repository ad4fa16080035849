import type { ReactNode } from 'react';
import { ShopHeader } from '@/features/runs/shop-header';
import { ShopNav } from '@/features/shop/shop-nav';

export default function Layout({ children }: { readonly children: ReactNode }) {
  return (
    <>
      <ShopHeader />
      <ShopNav />
      {children}
    </>
  );
}
