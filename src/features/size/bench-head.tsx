'use client';

import { type ReactNode, useMemo } from 'react';
import { type AxisReport, contextOf, wholeVerdict } from '@/core/machine';
import type { Project } from '@/core/model';
import { SheetHead, useFlex } from '@/features/frame';
import type { Session } from '@/session';
import { sizeTabs } from './tabs';

/**
 * The head of the bench. It alone waits for the frame, so that the sheet below is painted once for a
 * keystroke.
 */
export function BenchHead({
  session,
  project,
  axes,
  current,
  children,
}: {
  session: Session;
  project: Project;
  axes: readonly AxisReport[];
  current: string;
  children: ReactNode;
}) {
  const { flex } = useFlex(project);
  const solved = flex?.ok ? flex.report : null;
  const whole = useMemo(() => wholeVerdict(contextOf(project, axes, solved)), [project, axes, solved]);
  return (
    <SheetHead
      session={session}
      project={project}
      label="Axes"
      tabs={sizeTabs(project, axes, whole, current)}
    >
      {children}
    </SheetHead>
  );
}
