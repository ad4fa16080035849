import Link from 'next/link';
import { KnurlMark } from '@/ui';

/** Above everything that is not inside a run. */
export function ShopHeader() {
  return (
    <header className="flex h-band items-center gap-3 bg-ink px-6 text-paper">
      <KnurlMark />
      <Link href="/" className="text-lg font-bold">
        Knurl
      </Link>
      <nav className="ml-auto flex gap-5">
        <Link href="/" className="text-link">
          Runs
        </Link>
        <Link href="/shop" className="text-link">
          Shop
        </Link>
      </nav>
    </header>
  );
}
