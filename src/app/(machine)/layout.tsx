import { type ReactNode, Suspense } from 'react';
import { Framed } from './parts';

export default function MachineLayout({ children }: { children: ReactNode }) {
  return (
    <Suspense fallback={null}>
      <Framed>{children}</Framed>
    </Suspense>
  );
}
