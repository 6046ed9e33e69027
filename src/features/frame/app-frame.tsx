'use client';

import type { ReactNode } from 'react';
import { StorageProvider } from '@/session';
import { UiProviders } from '@/ui/providers';
import { JobProvider } from '@/workers';
import { KeeperProvider } from './keeper-context';

/** Theme, notices, storage, workers and what keeps the application around every page. */
export function AppFrame({ children }: { children: ReactNode }) {
  return (
    <UiProviders>
      <StorageProvider>
        <KeeperProvider>
          <JobProvider>{children}</JobProvider>
        </KeeperProvider>
      </StorageProvider>
    </UiProviders>
  );
}
