'use client';

import type { CutLoad } from '@/core/machine';
import type { Cut } from '@/core/model';
import { formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { useKnown, useMachine } from '@/features/frame';
import { type AnswerRow, AnswerRows } from './answer-rows';
import styles from './brief.module.css';
import { TurnDrawing } from './turn-drawing';

function millRows(load: CutLoad, system: UnitSystem): AnswerRow[] {
  const say = (kind: Kind, si: number) => formatQuantity(kind, si, system, 3).text;
  const length = (units: UnitSystem) => formatQuantity('length', load.chip, units, 3).text;
  const { available } = load;
  return [
    { name: 'Chip load', value: `${length('metric')} (${length('imperial')})`, line: 'chip' },
    { name: 'Of the cutter', value: `${formatNumber(100 * load.chipShare, 2)} %` },
    { name: 'Peak along the feed', value: say('force', load.along), line: 'along' },
    { name: 'Peak across', value: say('force', load.across), line: 'across' },
    {
      name: 'Mean along, across',
      value: `${say('force', load.meanAlong)}, ${say('force', load.meanAcross)}`,
    },
    { name: 'Along the spindle', value: say('force', load.axial), line: 'axial' },
    { name: 'Power at the cutter', value: say('power', load.power), line: 'power' },
    { name: 'Torque', value: say('torque', load.torque), line: 'torque' },
    available === null
      ? { name: 'Spindle has', value: 'no spindle given' }
      : { name: 'Spindle has', value: say('power', available), line: 'spindle-power' },
  ];
}

function rowsOf(cut: Cut, load: CutLoad, system: UnitSystem): AnswerRow[] {
  const say = (kind: Kind, si: number) => formatQuantity(kind, si, system, 3).text;
  const rows: AnswerRow[] =
    cut.kind === 'mill'
      ? millRows(load, system)
      : [
          { name: 'Along the path', value: say('force', load.along) },
          { name: 'Pressed down', value: say('force', load.axial) },
        ];
  if (load.corner === null) return rows;
  return [...rows, { name: 'Tightest corner asks', value: say('acceleration', load.corner), line: 'corner' }];
}

interface AnswerProps {
  readonly index: number;
  readonly onWorking: (line: string) => void;
}

/** Forces over one turn, and what follows from them. */
export function CutAnswer({ index, onWorking }: AnswerProps) {
  const { project, system } = useMachine();
  const { cuts } = useKnown();
  const cut = project.brief.cuts[index]!;
  const load = cuts.find((c) => c.id === cut.id);
  // The loads may be of the machine before a cut came: they follow within the same moment.
  if (!load) return null;
  return (
    <section aria-labelledby="answer-title" className={styles.answer}>
      <h2 id="answer-title">What it asks</h2>
      {cut.kind === 'mill' && <TurnDrawing cut={cut} />}
      <AnswerRows rows={rowsOf(cut, load, system)} onWorking={(line) => onWorking(`cut.${cut.id}.${line}`)} />
      {load.available !== null && load.power > load.available && (
        <p className={styles.hint}>The spindle gives out first: forces are counted up to what it can turn.</p>
      )}
      {load.pulls && (
        <p className={styles.hint}>At some moment of the turn this cut pulls the tool along its feed.</p>
      )}
    </section>
  );
}
