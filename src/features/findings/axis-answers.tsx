'use client';

import { useMemo } from 'react';
import type { Plan } from '@/core/changes';
import { compareReports } from '@/core/choose';
import { machineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Fold } from '@/ui/fold';
import { CompareTable } from './compare-table';

const answersDiffer = (n: number) => {
  if (!n) return 'answers as before';
  return n === 1 ? '1 answer differs' : `${n} answers differ`;
};

interface Sides {
  readonly before: Plan;
  readonly after: Plan;
  readonly names?: readonly [before: string, after: string];
}

/** Answers of both plans, axis by axis, where the axis is there in both. */
export function AxisAnswers({ before, after, names = ['before', 'after'] }: Sides) {
  const { project, system } = useMachine();
  const pairs = useMemo(() => {
    const of = (plan: Plan) => {
      const whole: Project = { ...project, ...plan };
      return machineReport(whole, { remedies: false }).axes.map((r, i) => ({ ...plan.axes[i]!, report: r }));
    };
    const was = of(before);
    return of(after).flatMap(({ id, name, report }) => {
      const then = was.find((a) => a.id === id);
      return then ? [{ id, name, comparison: compareReports(then.report, report) }] : [];
    });
  }, [project, before, after]);
  return pairs.map(({ id, name, comparison }) => {
    const changed = comparison.rows.filter((r) => r.change !== 'same').length;
    return (
      <Fold key={id} summary={`${name}: ${answersDiffer(changed)}`}>
        <CompareTable comparison={comparison} names={names} system={system} />
      </Fold>
    );
  });
}
