'use client';

import type { ReactNode } from 'react';
import { MachineFrame } from '@/features/frame';
import { MendSheet } from '@/features/mend';

/** The frame of a machine, with what mends one that breaks a rule. */
export function Framed({ children }: { children: ReactNode }) {
  return <MachineFrame mend={<MendSheet />}>{children}</MachineFrame>;
}
