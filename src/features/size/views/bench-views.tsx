'use client';

import { useState } from 'react';
import type { AxisDoubt } from '@/core/doubt';
import { displayUnit } from '@/core/units';
import { useMachine } from '@/features/frame';
import { part } from '@/ui/part';
import { Toggle } from '@/ui/toggle';
import { useAfterPaint } from '@/ui/use-after-paint';
import { useAxis } from '../axis-context';
import { Ladder } from '../ladder';
import styles from '../sheet.module.css';
import { AccelerationLadder } from './acceleration-ladder';
import { Budgets } from './budgets';
import { Duty } from './duty';

// Charts come after the first paint: the verdict does not wait for them.
const BandChart = part(() => import('../band-chart').then((m) => m.BandChart));
const MoveChart = part(() => import('./move-chart').then((m) => m.MoveChart));
const CrankChart = part(() => import('./crank-chart').then((m) => m.CrankChart));

interface ViewsProps {
  readonly onWorking: (line: string) => void;
}

interface HeadsProps<T extends string> {
  readonly id: string;
  readonly label: string;
  readonly views: readonly (readonly [T, string])[];
  readonly now: T;
  readonly onView: (view: T) => void;
  readonly unit?: string;
}

function Heads<T extends string>({ id, label, views, now, onView, unit }: HeadsProps<T>) {
  return (
    <div className={styles.heading}>
      <h2 className="unseen" id={id}>
        {label}
      </h2>
      <Toggle
        label={`Views of the ${id.replace('-title', '')}`}
        options={views}
        value={now}
        onPick={onView}
      />
      {unit && <small className={styles.unitNote}>{unit}</small>}
    </div>
  );
}

type Ladders = 'speed' | 'acceleration';
const ladderViews = [
  ['speed', 'Speed'],
  ['acceleration', 'Acceleration'],
] as const;

/** The ladders of speed and of acceleration. */
export function LadderBox({ doubt, onWorking }: ViewsProps & { readonly doubt: AxisDoubt }) {
  const { system } = useMachine();
  const [view, setView] = useState<Ladders>('speed');
  return (
    <section className={styles.ladderBox} aria-labelledby="ladder-title">
      <Heads
        id="ladder-title"
        label={view === 'speed' ? 'Speed ladder' : 'Acceleration ladder'}
        views={ladderViews}
        now={view}
        onView={setView}
        unit={displayUnit(view, system).symbol}
      />
      {view === 'speed' ? (
        <Ladder doubt={doubt} onWorking={onWorking} />
      ) : (
        <AccelerationLadder onWorking={onWorking} />
      )}
    </section>
  );
}

type Charts = 'band' | 'move' | 'play' | 'duty';
const chartViews = [
  ['band', 'Torque'],
  ['move', 'Move'],
  ['play', 'Play'],
  ['duty', 'Duty'],
] as const;
const chartLabels: Record<Charts, string> = {
  band: 'Torque band',
  move: 'Move over time',
  play: 'Lost motion and stiffness',
  duty: 'Duty cycle',
};

/** Torque over speed, torque over time, lost motion and give, duty cycle. */
export function ChartBox({ onWorking }: ViewsProps) {
  const { system } = useMachine();
  const { axis, report } = useAxis();
  const [view, setView] = useState<Charts>('band');
  // The charts are the dearest thing to paint and may come a frame after the verdict.
  const charted = useAfterPaint(report);
  const chartedAxis = useAfterPaint(axis);
  return (
    <section className={styles.bandBox} aria-labelledby="band-title">
      <Heads id="band-title" label={chartLabels[view]} views={chartViews} now={view} onView={setView} />
      {view === 'band' && (
        <>
          <BandChart report={charted} system={system} />
          <p className={styles.note}>
            Line: {axis.motor.kind === 'stepper' ? 'pull-out' : 'peak'} torque. Field: what may be used (
            {Math.round(100 * axis.motor.usableShare.si)} %), {displayUnit('torque', system).symbol} over{' '}
            {displayUnit('speed', system).symbol}.
          </p>
        </>
      )}
      {view === 'move' &&
        (chartedAxis.drive.kind === 'crank' ? (
          <CrankChart axis={chartedAxis} system={system} />
        ) : (
          <MoveChart axis={chartedAxis} system={system} />
        ))}
      {view === 'play' && <Budgets onWorking={onWorking} />}
      {view === 'duty' && <Duty onWorking={onWorking} />}
    </section>
  );
}
