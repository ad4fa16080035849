'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';

const SHELVES = [
  { href: '/shop', words: 'Blanks', under: ['/shop', '/shop/blanks'] },
  { href: '/shop/materials', words: 'Materials', under: ['/shop/materials'] },
  { href: '/shop/beds', words: 'Beds', under: ['/shop/beds'] },
  { href: '/shop/letterings', words: 'Letterings', under: ['/shop/letterings'] },
  { href: '/shop/faces', words: 'Faces', under: ['/shop/faces'] },
  { href: '/shop/motifs', words: 'Motifs', under: ['/shop/motifs'] },
  { href: '/shop/cards', words: 'Press cards', under: ['/shop/cards'] },
  { href: '/shop/settings', words: 'Settings', under: ['/shop/settings'] },
] as const;

/** What belongs to the shop and not to a run, side by side. */
export function ShopNav() {
  const path = usePathname();
  const isUnder = (under: readonly string[]) =>
    under.some((root) => path === root || (root !== '/shop' && path.startsWith(`${root}/`)));
  return (
    <nav aria-label="Shelves of the shop" className="flex flex-wrap gap-x-6 border-b border-rule-strong bg-paper px-6">
      {SHELVES.map(({ href, words, under }) => (
        <Link
          key={href}
          href={href}
          aria-current={isUnder(under) ? 'page' : undefined}
          className={`border-b-[3px] py-2 font-semibold ${isUnder(under) ? 'border-verdigris text-verdigris' : 'border-transparent'}`}
        >
          {words}
        </Link>
      ))}
    </nav>
  );
}
