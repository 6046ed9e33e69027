import type { NextConfig } from 'next';
import { contentPolicy, UNFRAMED } from './src/app/content-policy.mjs';

/** Microphone for the tone of a belt, serial line for an indicator: each asks the user first. */
const permissions = 'camera=(), microphone=(self), serial=(self), geolocation=(), interest-cohort=()';

/** Below which path a folder of plain files will lie. */
const base = process.env.RUGGED_CARRIAGE_BASE ?? '';

/**
 * A folder of plain files (`npm run static`): every page is a folder, service routes are left out, and the
 * policy stands in the pages, for a plain server sends no headers of ours.
 */
const plainFiles: NextConfig =
  process.env.RUGGED_CARRIAGE_STATIC === '1'
    ? {
        output: 'export',
        trailingSlash: true,
        basePath: base,
        headers: undefined,
      }
    : { pageExtensions: ['ts', 'tsx', 'service.ts'] };

const nextConfig: NextConfig = {
  poweredByHeader: false,
  // What the page itself has to know of where it lies.
  env: { NEXT_PUBLIC_BASE: base },
  devIndicators: false,
  // Pictures are drawn in the browser: the service that would scale some is off.
  images: { unoptimized: true },
  // Types are checked by `npm run types`, which `npm test` runs: a build that did it again would take twice
  // as long, for the person who only wants to start the application too.
  typescript: { ignoreBuildErrors: true },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'Content-Security-Policy', value: contentPolicy + UNFRAMED },
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Referrer-Policy', value: 'no-referrer' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        { key: 'Permissions-Policy', value: permissions },
      ],
    },
  ],
  ...plainFiles,
};

export default nextConfig;
