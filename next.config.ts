import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Compiled modules and what starts threads or writes files itself: loaded by Node, never bundled.
  serverExternalPackages: ['better-sqlite3', 'harfbuzzjs', 'clipper2-wasm', 'pino', 'tinypool', 'pdfkit', 'fontkit'],
  // The steps of a run hold nothing of the run itself, so that they may be kept for a working day: a server that is gone
  // must not keep anybody from walking between them.
  experimental: { staleTimes: { static: 86_400 } },
  outputFileTracingRoot: import.meta.dirname,
  turbopack: {
    root: import.meta.dirname,
    resolveAlias: { module: { browser: './src/shims/node-module.ts' } },
  },
  headers: async () => [
    {
      source: '/faces/:file',
      headers: [{ key: 'cache-control', value: 'public, max-age=31536000, immutable' }],
    },
  ],
};

export default config;
