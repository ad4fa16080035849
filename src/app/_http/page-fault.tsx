import Link from 'next/link';
import type { ReactNode } from 'react';
import { faultOf, faultWords } from '@/services';

/** A page that reads what is kept: where the disk or the database is at fault it says so in words; what else goes wrong is thrown on. */
export function readingPage<P>(page: (props: P) => Promise<ReactNode>): (props: P) => Promise<ReactNode> {
  return async function ReadingPage(props) {
    try {
      return await page(props);
    } catch (error) {
      const fault = faultOf(error);
      if (fault === null) throw error;
      return <FaultPage {...faultWords(fault)} />;
    }
  };
}

function FaultPage({ title, detail }: { readonly title: string; readonly detail: string }) {
  return (
    <main className="mx-auto max-w-2xl px-6 py-10">
      <h1 className="text-2xl font-bold">{title}</h1>
      <p className="my-3 text-lg">{detail}</p>
      <p className="flex gap-6">
        <a href="" className="font-semibold text-link">
          Load again
        </a>
        <Link href="/" className="font-semibold text-link">
          All runs
        </Link>
      </p>
    </main>
  );
}
