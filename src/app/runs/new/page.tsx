import type { Metadata } from 'next';
import { ShopHeader } from '@/features/runs/runs-page';
import { StartRun } from '@/features/runs/start-run';

export const metadata: Metadata = { title: 'Start a run' };

export default function Page() {
  return (
    <>
      <ShopHeader />
      <main className="mx-auto max-w-2xl px-6 py-6">
        <StartRun />
      </main>
    </>
  );
}
