'use client';

import { useMemo } from 'react';
import { doorWanted, footprint, type PassingReport, passingOf } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { passingDrawing, passingInWords } from '@/drawings';
import { MachineField } from '@/features/fields';
import { FindingList, TrialBar } from '@/features/findings';
import { useMachine, useReport } from '@/features/frame';
import { SaveDrawing } from '@/features/picture';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { TitleBlock } from '@/ui/title-block';
import { VerdictMark } from '@/ui/verdict-mark';
import { useNarrow } from '@/ui/use-narrow';
import { inputLabel } from '@/words';
import styles from '../fit.module.css';
import type { FitPage } from '../page';

const WIDTH = { sheet: 420, phone: 230 } as const;

const passes = [
  'brief.stock.width',
  'brief.stock.thickness',
  'passing.between',
  'passing.under',
  'passing.lowest',
  'passing.tipUp',
  'passing.tipDown',
  'passing.holdDown',
  'passing.clear',
  'passing.through',
  'passing.stickOut',
  'passing.second',
] as const;
const takes = [
  'passing.outer.along',
  'passing.outer.across',
  'passing.outer.up',
  'passing.wall',
  'passing.spindle.diameter',
  'passing.spindle.length',
  'passing.folded.along',
  'passing.folded.across',
  'passing.folded.up',
  'brief.place.length',
  'brief.place.width',
  'brief.place.bench',
  'brief.place.door',
] as const;
const codes = new Set([
  'passes-between',
  'passes-under',
  'cuts-through',
  'sticks-out',
  'both-reach',
  'reach-short',
  'table-bed',
  'room',
  'door',
  'bench',
]);

/** What passes through the machine, what its tools reach, and what it takes of the room. */
export function RoomView({ views }: FitPage) {
  const { project, system } = useMachine();
  const { findings, ours } = useReport();
  const report = useMemo(() => passingOf(project), [project]);
  const width = useNarrow() ? WIDTH.phone : WIDTH.sheet;
  const shown = useMemo(() => ({ project, report, system, width }), [project, report, system, width]);
  const drawing = useMemo(() => passingDrawing(shown), [shown]);
  const words = passingInWords(shown);
  const found = findings.filter((f) => codes.has(f.code));
  return (
    <>
      <div className={styles.left}>
        <h2 className={styles.heading}>The whole machine</h2>
        <Fold open className={styles.part} summary="What passes, above the table">
          {passes.map((path) => (
            <MachineField key={path} path={path} />
          ))}
        </Fold>
        <Fold open className={styles.part} summary="What it takes of the room">
          {takes.map((path) => (
            <MachineField key={path} path={path} />
          ))}
        </Fold>
      </div>
      <section aria-labelledby="room-title" className={styles.middle}>
        {views}
        <h2 className={styles.heading} id="room-title">
          Passing and room <small>from the front, to scale</small>
        </h2>
        {drawing ? (
          <div className={styles.paper}>
            <DrawingView drawing={drawing} label={words} className={styles.drawing} />
            <SaveDrawing drawing={drawing} name={`${project.name} passing`} title={words} />
          </div>
        ) : (
          <p>Say how far the columns stand apart and how high the beam is: then it is drawn.</p>
        )}
        <p>
          What passes between the columns may be narrower than what the gantry travels: the one says how wide
          the stock may be, the other how wide it may be cut.
        </p>
        <Missing report={report} />
      </section>
      <section aria-labelledby="fit-findings" className={styles.right}>
        <h2 className={styles.heading} id="fit-findings">
          What does not pass
        </h2>
        <TrialBar />
        {!found.length && (report.between === null || report.missing.length > 0) ? (
          <p>
            <VerdictMark verdict="not-known" /> What passes through this machine is not all said yet.
          </p>
        ) : (
          <FindingList findings={found} calm="It passes, and it fits." ours={ours.length} />
        )}
        <RoomBlock report={report} />
      </section>
    </>
  );
}

function Missing({ report }: { report: PassingReport }) {
  if (!report.thickest || !report.missing.length) return null;
  return (
    <p className={styles.missing}>
      <VerdictMark verdict="not-known" /> At most so much passes below, for these are not said yet:{' '}
      {report.missing.map((path) => inputLabel(path).toLowerCase()).join(', ')}.
    </p>
  );
}

function RoomBlock({ report }: { report: PassingReport }) {
  const { project, system } = useMachine();
  const say = (m: number | null) => (m === null ? 'not said' : formatQuantity('length', m, system, 4).text);
  const { length, width } = footprint(project);
  return (
    <TitleBlock
      cells={[
        { label: 'Passes', value: say(report.between) },
        { label: 'Cuts', value: say(report.cut) },
        { label: 'Thickest', value: say(report.thickest?.value ?? null) },
        { label: 'Takes, long', value: say(length) },
        { label: 'Takes, across', value: say(width) },
        { label: 'Door wanted', value: say(doorWanted(project)) },
      ]}
    />
  );
}
