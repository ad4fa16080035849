import type { Metadata } from 'next';
import { BlankPage } from '@/features/blank/blank-page';

export const metadata: Metadata = { title: 'Blank' };

export default function Page() {
  return <BlankPage />;
}
