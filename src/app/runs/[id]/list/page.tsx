import type { Metadata } from 'next';
import { NewerList } from '@/features/intake/newer-list';

export const metadata: Metadata = { title: 'Newer list' };

export default function Page() {
  return <NewerList />;
}
