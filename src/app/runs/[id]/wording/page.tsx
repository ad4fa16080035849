import type { Metadata } from 'next';
import { WordingPage } from '@/features/wording/wording-page';

export const metadata: Metadata = { title: 'Wording' };

export default function Page() {
  return <WordingPage />;
}
