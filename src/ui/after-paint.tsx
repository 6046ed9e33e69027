'use client';

import type { ReactNode } from 'react';
import { usePaintedOnce } from './use-after-paint';

/** What is dear to draw comes once what stands above it has been painted: no one piece of work is long. */
export function AfterPaint({ children }: { readonly children: ReactNode }) {
  return usePaintedOnce() && children;
}
