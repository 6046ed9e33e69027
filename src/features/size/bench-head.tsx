'use client';

import { type ReactNode, useMemo } from 'react';
import { machineOutcomes, oursOfMachine, verdictOfWhole } from '@/core/machine';
import { SheetHead, useContextOf, useKnown, useMachine } from '@/features/frame';
import { sizeTabs } from './tabs';

/**
 * The head of the bench. It alone waits for the frame, so that the sheet below is painted once for a
 * keystroke.
 */
export function BenchHead({ current, children }: { current: string; children?: ReactNode }) {
  const { project } = useMachine();
  const { loaded } = useKnown();
  const context = useContextOf();
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
