import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { QueryProvider } from '@/client';
import { DropAnywhere } from '@/features/intake/drop-anywhere';
import { archivo, archivoNarrow, splineMono } from './fonts';
import { DataNotices } from './data-notices';
import './globals.css';

/** Every page is rendered for its request: each carries the nonce of its own policy. */
export const dynamic = 'force-dynamic';

export const metadata: Metadata = { title: { default: 'Knurl', template: '%s · Knurl' } };

export default function RootLayout({ children }: { readonly children: ReactNode }) {
  return (
    <html lang="en" className={`${archivo.variable} ${archivoNarrow.variable} ${splineMono.variable}`}>
      <body className="font-sans leading-snug antialiased">
        <QueryProvider>
          <DataNotices />
          {children}
          <DropAnywhere />
        </QueryProvider>
      </body>
    </html>
  );
}
