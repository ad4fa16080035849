import type { Metadata } from 'next';
import { RunsPage } from '@/features/runs/runs-page';
import { getContext, listRunSummaries } from '@/services';
import { todayIso } from './today';
import { readingPage } from './_http/page-fault';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Runs' };

async function Page() {
  const context = await getContext();
  return <RunsPage shelf={await listRunSummaries(context)} todayIso={todayIso(context)} />;
}

export default readingPage(Page);
