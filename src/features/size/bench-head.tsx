'use client';

import { type ReactNode, useMemo } from 'react';
import { machineOutcomes, verdictOfWhole } from '@/core/machine';
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
  const whole = useMemo(() => verdictOfWhole(machineOutcomes(context)), [context]);
  const verdicts = loaded.map((l) => l.report.verdict);
  return (
    <SheetHead label="Axes" tabs={sizeTabs(project, verdicts, whole, current)}>
      {children}
    </SheetHead>
  );
}
