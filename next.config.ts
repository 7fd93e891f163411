import type { NextConfig } from 'next';

/**
 * BAVRIN_DIST lets two builds stand side by side (the tests build into a folder of their own,
 * so that running them never disturbs a shop that is being served from the same clone).
 */
const distDir = process.env.BAVRIN_DIST ?? '.next';

const config: NextConfig = {
  distDir,
  poweredByHeader: false,
  reactStrictMode: true,
  // What stands before the routes hands bodies on whole, up to the largest a route takes (an import).
  experimental: {
    proxyClientMaxBodySize: '33mb',
    // What a page brings: nothing of a library that it does not use, in few pieces, which pack more tightly; larger still and pages share less.
    turbopackCjsTreeShaking: true,
    turbopackCjsScopeHoisting: true,
    turbopackCrossModuleConstants: true,
    turbopackChunking: { maxChunkCountPerGroup: 12, minChunkSize: 200_000, maxMergeChunkSize: 1_000_000 },
  },
  serverExternalPackages: ['argon2', 'pino', 'postgres', 'rate-limiter-flexible'],
  // ./bavrin test checks the types; somebody who starts the shop should not wait for that.
  // A build adds its own types to the configuration it is given: a second one has a configuration of its own.
  typescript: {
    ignoreBuildErrors: true,
    tsconfigPath: distDir === '.next' ? 'tsconfig.json' : 'tsconfig.next-test.json',
  },
  // A page that could not be drawn names no icon, and browsers then ask for this one.
  async rewrites() {
    return [{ source: '/favicon.ico', destination: '/icon.svg' }];
  },
  // An address cut short leads to where its pages begin.
  async redirects() {
    const begins = { '/bench': '/bench/fluid', '/job': '/', '/car': '/' };
    return Object.entries(begins).map(([source, destination]) => ({ source, destination, permanent: false }));
  },
  async headers() {
    return [
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'same-origin' },
        ],
      },
    ];
  },
};

export default config;
