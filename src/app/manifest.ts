import type { MetadataRoute } from 'next';

export const dynamic = 'force-static';

const base = process.env.RUGGED_CARRIAGE_BASE ?? '';

/** What a browser needs to install the application. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Rugged Carriage',
    short_name: 'Carriage',
    description: 'Plans and proves the axis drives of a machine that you build yourself.',
    id: `${base}/`,
    start_url: `${base}/`,
    scope: `${base}/`,
    display: 'standalone',
    background_color: '#fbf9f3',
    theme_color: '#fbf9f3',
    icons: [
      { src: `${base}/icon-192.png`, sizes: '192x192', type: 'image/png' },
      { src: `${base}/icon-512.png`, sizes: '512x512', type: 'image/png' },
      { src: `${base}/icon-512.png`, sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
