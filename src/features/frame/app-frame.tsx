'use client';

import type { ReactNode } from 'react';
import { StorageProvider } from '@/session';
import { UiProviders } from '@/ui/providers';
import { JobProvider } from '@/workers';

/** Theme, notices, storage and workers around every page. */
export function AppFrame({ children }: { children: ReactNode }) {
  return (
    <UiProviders>
      <StorageProvider>
        <JobProvider>{children}</JobProvider>
      </StorageProvider>
    </UiProviders>
  );
}
