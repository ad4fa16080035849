import Link from 'next/link';
import { ShopHeader } from '@/features/runs/shop-header';

export default function NotFound() {
  return (
    <>
      <ShopHeader />
      <main className="mx-auto max-w-2xl px-6 py-10">
        <h1 className="text-2xl font-bold">There is nothing here</h1>
        <p className="my-3 text-lg">
          The address leads to no page. The run may have been removed, or the address was cut short when it was copied.
        </p>
        <Link href="/" className="text-lg font-semibold text-verdigris text-link">
          See all runs
        </Link>
      </main>
    </>
  );
}
