import type { Metadata } from 'next';
import { BenchPage } from '@/features/bench/bench-page';

export const metadata: Metadata = { title: 'Bench' };

export default function Page() {
  return <BenchPage />;
}
