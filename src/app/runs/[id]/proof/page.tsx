import type { Metadata } from 'next';
import { ProofPage } from '@/features/proof/proof-page';

export const metadata: Metadata = { title: 'Proof' };

export default function Page() {
  return <ProofPage />;
}
