'use client';

import dynamic from 'next/dynamic';
import { useDeferredValue, useState } from 'react';
import type { AxisDoubt } from '@/core/choose';
import type { AxisReport } from '@/core/machine';
import type { Axis } from '@/core/model';
import { displayUnit, type UnitSystem } from '@/core/units';
import { Ladder } from '../ladder';
import styles from '../sheet.module.css';
import type { AxisEditor } from '../use-axis-editor';
import { AccelerationLadder } from './acceleration-ladder';
import { Budgets } from './budgets';
import { Duty } from './duty';

// Charts come after the first paint: the verdict does not wait for them.
const BandChart = dynamic(() => import('../band-chart').then((m) => m.BandChart), { ssr: false });
const MoveChart = dynamic(() => import('./move-chart').then((m) => m.MoveChart), { ssr: false });

interface ViewsProps {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly system: UnitSystem;
  readonly onWorking: (line: string) => void;
}

function Heads<T extends string>({
  id,
  label,
  views,
  now,
  onView,
  unit,
}: {
  id: string;
  label: string;
  views: Readonly<Record<T, string>>;
  now: T;
  onView: (view: T) => void;
  unit?: string;
}) {
  return (
    <h2 className={styles.heading} id={id} aria-label={label}>
      <span className={styles.views}>
        {(Object.entries(views) as [T, string][]).map(([view, text]) => (
          <button key={view} type="button" aria-pressed={view === now} onClick={() => onView(view)}>
            {text}
          </button>
        ))}
      </span>
      {unit && <small className={styles.unitNote}>{unit}</small>}
    </h2>
  );
}

/** The ladders of speed and of acceleration. */
export function LadderBox({
  axis,
  report,
  doubt,
  system,
  onWorking,
}: ViewsProps & { readonly doubt: AxisDoubt }) {
  const [view, setView] = useState<'speed' | 'acceleration'>('speed');
  return (
    <section className={styles.ladderBox} aria-labelledby="ladder-title">
      <Heads
        id="ladder-title"
        label={view === 'speed' ? 'Speed ladder' : 'Acceleration ladder'}
        views={{ speed: 'Speed', acceleration: 'Acceleration' }}
        now={view}
        onView={setView}
        unit={displayUnit(view, system).symbol}
      />
      {view === 'speed' ? (
        <Ladder
          report={report}
          doubt={doubt}
          rapid={axis.demands.rapid.si}
          feed={axis.demands.feed.si}
          system={system}
          onWorking={onWorking}
        />
      ) : (
        <AccelerationLadder
          report={report}
          asked={axis.demands.acceleration.si}
          system={system}
          onWorking={onWorking}
        />
      )}
    </section>
  );
}

const chartViews = { band: 'Torque', move: 'Move', play: 'Play', duty: 'Duty' } as const;
const chartLabels: Record<keyof typeof chartViews, string> = {
  band: 'Torque band',
  move: 'Move over time',
  play: 'Lost motion and stiffness',
  duty: 'Duty cycle',
};

/** Torque over speed, torque over time, lost motion and give, duty cycle. */
export function ChartBox({
  axis,
  report,
  editor,
  system,
  onWorking,
}: ViewsProps & { readonly editor: AxisEditor }) {
  const [view, setView] = useState<keyof typeof chartViews>('band');
  // The charts are the dearest thing to paint and may come a frame after the verdict.
  const charted = useDeferredValue(report);
  const chartedAxis = useDeferredValue(axis);
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
      {view === 'move' && <MoveChart axis={chartedAxis} system={system} />}
      {view === 'play' && <Budgets axis={axis} report={report} system={system} onWorking={onWorking} />}
      {view === 'duty' && (
        <Duty axis={axis} report={report} editor={editor} system={system} onWorking={onWorking} />
      )}
    </section>
  );
}
