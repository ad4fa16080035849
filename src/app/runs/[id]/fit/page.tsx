import type { Metadata } from 'next';
import { FitPage } from '@/features/fit/fit-page';

export const metadata: Metadata = { title: 'Fit' };

export default function Page() {
  return <FitPage />;
}
