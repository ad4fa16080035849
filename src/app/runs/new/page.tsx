import type { Metadata } from 'next';
import { StartRun } from '@/features/intake/start-run';
import { ShopHeader } from '@/features/runs/shop-header';

export const metadata: Metadata = { title: 'Start a run' };

export default function Page() {
  return (
    <>
      <ShopHeader />
      <main className="mx-auto max-w-7xl px-6 py-6">
        <StartRun />
      </main>
    </>
  );
}
