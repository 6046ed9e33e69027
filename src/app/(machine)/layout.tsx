import { type ReactNode, Suspense } from 'react';
import { MachineFrame } from '@/features/frame';

export default function MachineLayout({ children }: { children: ReactNode }) {
  return (
    <Suspense fallback={null}>
      <MachineFrame>{children}</MachineFrame>
    </Suspense>
  );
}
