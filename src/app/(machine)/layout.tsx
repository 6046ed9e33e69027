import { type ReactNode, Suspense } from 'react';
import { MachineFrame } from '@/features/frame';
import { MendSheet } from '@/features/mend';

export default function MachineLayout({ children }: { children: ReactNode }) {
  return (
    <Suspense fallback={null}>
      <MachineFrame mend={<MendSheet />}>{children}</MachineFrame>
    </Suspense>
  );
}
