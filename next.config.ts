import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Compiled modules and what starts threads or writes files itself: loaded by Node, never bundled.
  serverExternalPackages: ['better-sqlite3', 'harfbuzzjs', 'clipper2-wasm', 'pino', 'tinypool'],
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
