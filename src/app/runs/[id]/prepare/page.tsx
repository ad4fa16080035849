import type { Metadata } from 'next';
import { PreparePage } from '@/features/prepare/prepare-page';

export const metadata: Metadata = { title: 'Prepare' };

export default function Page() {
  return <PreparePage />;
}
