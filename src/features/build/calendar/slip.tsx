'use client';

import { useMemo, useState } from 'react';
import { dateOfWall, daysOn, movedBetween, type Wall, type WorkContext, workPlan } from '@/core/build';
import { type BuildState } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import type { AssemblyNames } from '@/words';
import { localZone } from '@/workers';
import page from '../build.module.css';
import styles from './calendar.module.css';

interface SlipProps {
  readonly work: WorkContext;
  readonly build: BuildState;
  readonly names: AssemblyNames;
  readonly lines: (key: string) => string;
  readonly now: Wall;
}

const day = (at: Wall | undefined) => (at === undefined ? 'not in sight' : dateOfWall(at));
const daysText = (n: number) => (n === 1 ? '1 day' : `${n} days`);

/** What moves when a delivery is late: the plan once more with that one day changed. */
export function Slip({ work, build, names, lines, now }: SlipProps) {
  const { plan, assembly, project, today } = work;
  const coming = useMemo(
    () => [...new Map(plan.missing.flatMap((m) => (m.due ? [[m.key, m.due] as const] : [])))],
    [plan.missing],
  );
  const [picked, setPicked] = useState('');
  const [late, setLate] = useState(7);
  const key = coming.some(([k]) => k === picked) ? picked : (coming[0]?.[0] ?? '');
  const due = coming.find(([k]) => k === key)?.[1];
  const after = useMemo(() => {
    if (!due) return null;
    const moved = build.lines.map((l) =>
      l.key === key && l.said
        ? { ...l, state: 'ordered' as const, said: { ...l.said, due: daysOn(due, late) } }
        : l,
    );
    const plans = build.answer?.plans ?? [];
    return workPlan(assembly, { project, lines: moved, plans, now, today, zone: localZone });
  }, [due, key, late, build.lines, build.answer, assembly, project, now, today]);
  if (!coming.length || !after) return null;
  const moved = movedBetween(plan.schedule, after.schedule);
  const slack = plan.slack.get(key);
  return (
    <section aria-labelledby="build-slip">
      <h2 className={page.heading} id="build-slip">
        If a delivery is late
      </h2>
      <div className={styles.slip}>
        <Choice
          label="Delivery"
          value={key}
          options={coming.map(([k, d]) => [k, `${lines(k)}, ${d}`] as const)}
          onPick={setPicked}
        />
        <label className={styles.field}>
          <span>Days late</span>
          <NumberLine label="Days late" value={late} most={400} whole onNumber={(n) => setLate(n ?? 0)} />
        </label>
      </div>
      <p>
        {slack !== undefined &&
          (slack > 0 ? `It may be ${daysText(slack)} late. ` : 'It has no day to spare. ')}
        {moved.length
          ? `${moved.length} steps move, ${moved
              .slice(0, 4)
              .map((m) => names.step(m.id))
              .join(', ')}${moved.length > 4 ? ' and more' : ''}. `
          : 'Nothing moves. '}
        First motion {plan.undue ? 'no sooner than ' : ''}
        {day(plan.firstMotion)}
        {after.firstMotion !== plan.firstMotion && ` → ${day(after.firstMotion)}`}.
      </p>
    </section>
  );
}
