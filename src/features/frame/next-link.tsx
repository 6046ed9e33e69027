'use client';

import Link from 'next/link';
import { memo, useMemo } from 'react';
import { gathered, machineFindings, machineOutcomes, nextStep, type NextStep } from '@/core/machine';
import type { Project } from '@/core/model';
import { nextText } from '@/words';
import { usePainted } from './reports-context';
import { machineHref, WHOLE } from './stations';
import styles from './sheet-head.module.css';

/** Where a step is taken. */
export function nextHref({ id }: Project, { code, axisId }: NextStep): string {
  if (code === 'say-cuts') return machineHref('brief', id, 'cuts');
  if (code === 'say-area' || code === 'say-accuracy') return machineHref('brief', id);
  if (code === 'fit') return machineHref('fit', id);
  const whole = code === 'plan-structure' || code === 'mend-machine';
  return machineHref('size', id, axisId ?? (whole ? WHOLE : undefined));
}

/** What to do next, in a line on every sheet: it leads through a first machine. */
export const NextLink = memo(function NextLink() {
  const context = usePainted();
  const { project, reports } = context;
  const next = useMemo(() => {
    const whole = machineFindings(context, machineOutcomes(context), false);
    return nextStep(context, gathered([...reports.map((r) => r.findings), whole]));
  }, [context, reports]);
  const axis = project.axes.find((a) => a.id === next.axisId);
  return (
    <p className={styles.next}>
      <b>Next:</b> <Link href={nextHref(project, next)}>{nextText(next, axis?.name)}</Link>
    </p>
  );
});
