'use client';

import { type ReactNode, useMemo } from 'react';
import { machineOutcomes, oursOfMachine, verdictOfWhole } from '@/core/machine';
import { SheetHead, useKnown, useMachine, usePainted } from '@/features/frame';
import { sizeTabs } from './tabs';

/** The head of the bench: what each axis says at once, and the whole once that is painted. */
export function BenchHead({ current, children }: { current: string; children?: ReactNode }) {
  const { project } = useMachine();
  const { loaded } = useKnown();
  const context = usePainted();
  const whole = useMemo(
    () => ({
      verdict: verdictOfWhole(machineOutcomes(context)),
      guessed: oursOfMachine(context).length > 0,
    }),
    [context],
  );
  const axes = loaded.map(({ report }) => ({ verdict: report.verdict, guessed: report.ours.length > 0 }));
  return (
    <SheetHead label="Axes" tabs={sizeTabs(project, axes, whole, current)}>
      {children}
    </SheetHead>
  );
}
