import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource/barlow-condensed/500.css';
import '@fontsource/barlow-condensed/600.css';
import '@/ui/signs/signs.css';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { AppFrame } from '@/features/frame';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Rugged Carriage', template: '%s · Rugged Carriage' },
  description:
    'Plans and proves the axis drives of a self-built gantry router, plasma table or large-format machine.',
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: '#fbf9f3',
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data" defaultMode="system" />
        <AppRouterCacheProvider>
          <AppFrame>{children}</AppFrame>
        </AppRouterCacheProvider>
      </body>
    </html>
  );
}
