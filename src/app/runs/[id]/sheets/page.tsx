import type { Metadata } from 'next';
import { SheetsPage } from '@/features/sheets/sheets-page';

export const metadata: Metadata = { title: 'Sheets' };

export default function Page() {
  return <SheetsPage />;
}
