import { readFileSync } from 'node:fs';
import { createSerwistRoute } from '@serwist/turbopack';
import { type Layout, pageAddress, pages, partAddress } from '@/offline/pages';

export const dynamic = 'force-static';

const layout: Layout = {
  base: process.env.RUGGED_CARRIAGE_BASE ?? '',
  folder: process.env.RUGGED_CARRIAGE_STATIC === '1',
};

/** The mark of this build: pages change with it. */
const build = (): string => {
  try {
    return readFileSync('.next/BUILD_ID', 'utf8');
  } catch {
    // While it is developed there is none.
    return 'development';
  }
};

const kept = pages.flatMap((page) => [pageAddress(page, layout), partAddress(page, layout)]);
const icons = ['/icon.svg', '/favicon.ico', '/manifest.webmanifest'].map((path) => layout.base + path);

const made = createSerwistRoute({
  swSrc: 'src/offline/worker.ts',
  nextConfig: { basePath: layout.base, assetPrefix: layout.base, distDir: '.next' },
  useNativeEsbuild: true,
  // Of the faces in TrueType only that of the book is asked for.
  globPatterns: ['.next/static/**/*.{js,css,woff2,svg}', '.next/static/media/DejaVu*.ttf', 'public/**/*'],
  maximumFileSizeToCacheInBytes: 8 * 2 ** 20,
  additionalPrecacheEntries: [...kept, ...icons].map((url) => ({ url, revision: build() })),
  esbuildOptions: {
    sourcemap: false,
    format: 'iife',
    define: { LAYOUT: JSON.stringify(layout), 'process.env.NODE_ENV': '"production"' },
  },
});

/** What keeps the application for work without a network: made with the build, at the root of its scope. */
export const GET = (request: Request): Promise<Response> =>
  made.GET(request, { params: Promise.resolve({ path: 'sw.js' }) });
