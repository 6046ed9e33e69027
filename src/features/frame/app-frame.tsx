'use client';

import type { ReactNode } from 'react';
import { StorageProvider } from '@/session';
import { UiProviders } from '@/ui/providers';

/** Theme, notices and storage around every page. */
export function AppFrame({ children }: { children: ReactNode }) {
  return (
    <UiProviders>
      <StorageProvider>{children}</StorageProvider>
    </UiProviders>
  );
}
