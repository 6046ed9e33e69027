import type { NextConfig } from 'next';

/**
 * No foreign origin may be reached from any page: fonts, scripts and data all ship with the application.
 * 'unsafe-inline' stands for scripts because Next writes its start-up data inline and the pages must stay
 * static files (a nonce would make every page dynamic and spoil working offline); texts out of imported
 * files are only ever rendered as text, which is what keeps a script out of them.
 */
const contentPolicy = [
  "default-src 'self'",
  `script-src 'self' 'unsafe-inline'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self'",
  "connect-src 'self'",
  "worker-src 'self' blob:",
  "object-src 'none'",
  "base-uri 'self'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');

/** Microphone for the tone of a belt, serial line for an indicator: each asks the user first. */
const permissions = 'camera=(), microphone=(self), serial=(self), geolocation=(), interest-cohort=()';

const nextConfig: NextConfig = {
  poweredByHeader: false,
  devIndicators: false,
  // Types are checked by `npm run types`, which `npm test` runs: a build that did it again would take twice
  // as long, for the person who only wants to start the application too.
  typescript: { ignoreBuildErrors: true },
  headers: async () => [
    {
      source: '/:path*',
      headers: [
        { key: 'Content-Security-Policy', value: contentPolicy },
        { key: 'X-Content-Type-Options', value: 'nosniff' },
        { key: 'X-Frame-Options', value: 'DENY' },
        { key: 'Referrer-Policy', value: 'no-referrer' },
        { key: 'Cross-Origin-Opener-Policy', value: 'same-origin' },
        { key: 'Permissions-Policy', value: permissions },
      ],
    },
  ],
};

export default nextConfig;
