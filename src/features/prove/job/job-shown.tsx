'use client';

import { useMemo, useState } from 'react';
import type { Place } from '@/core/gcode';
import {
  jobFindings,
  jobLetters,
  type JobReport,
  type JobRun,
  type PathClass,
  type Preview,
} from '@/core/job';
import { useMachine } from '@/features/frame';
import { AfterPaint } from '@/ui/after-paint';
import { Choice } from '@/ui/choice';
import { Slide } from '@/ui/slide';
import { longTime } from '@/words';
import { AxesTable } from './axes-table';
import { JobCharts } from './job-charts';
import styles from './job.module.css';
import { PathPicture } from './path-picture';
import type { Sight } from './projection';
import { WorstTable } from './worst-table';
import { lineReader } from './written';

/** The first corner at or behind a value of a row that only grows. */
function cornerAt(row: ArrayLike<number>, value: number): number {
  let [low, high] = [0, Math.max(0, row.length - 1)];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (row[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The corner at which a line is reached; the one behind it where it is drawn with its neighbours. */
export const cornerOfLine = ({ lines }: Preview, line: number) => cornerAt(lines, line);

export function useTravel(): Place {
  const { axes } = useMachine().project;
  return useMemo(() => {
    const of = (letter: string) =>
      axes.find((a) => a.letter.toUpperCase() === letter)?.demands.travel.si ?? 0;
    const [x, y, z] = jobLetters.map(of);
    return [x!, y!, z!];
  }, [axes]);
}

/** The places that are numbered: where something is found, the worst first. */
function marksOf(report: JobReport) {
  const places = jobFindings(report).filter((f) => f.line > 0 && f.code !== 'job-unread');
  const lines = [...new Map(places.map((f) => [f.line, f])).values()].slice(0, 9);
  return lines.map(({ line, verdict }, i) => ({
    number: i + 1,
    corner: cornerOfLine(report.preview, line),
    bad: verdict === 'gives-out',
  }));
}

const legend: readonly (readonly [PathClass, string])[] = [
  ['holds', 'holds'],
  ['thin', 'thin'],
  ['gives-out', 'gives out'],
  ['air', 'in air'],
  ['rapid', 'rapid'],
];

interface ShownProps {
  readonly run: JobRun;
  readonly bytes: Uint8Array;
  readonly cursor: number | null;
  readonly onCursor: (corner: number) => void;
  readonly onLine: (line: number) => void;
}

/** Path, time and lines of one job, tied to one cursor. */
export function Shown({ run: { report, setup }, bytes, cursor, onCursor, onLine }: ShownProps) {
  const { system } = useMachine();
  const travel = useTravel();
  const [sight, setSight] = useState<Sight>('above');
  const { preview, series } = report;
  const written = useMemo(() => lineReader(bytes, report.read.begins), [bytes, report]);
  const marks = useMemo(() => marksOf(report), [report]);
  const time = cursor === null ? null : preview.times[cursor]!;
  const line = cursor === null ? null : preview.lines[cursor]!;
  const last = preview.classes.length - 1;
  return (
    <>
      <div className={styles.sight}>
        <Choice
          label="Seen"
          value={sight}
          options={[
            ['above', 'from above'],
            ['slanted', 'slanted'],
          ]}
          onPick={(s: Sight) => setSight(s)}
        />
        <span className={styles.legend}>
          {legend.map(([kind, text]) => (
            <span key={kind}>
              <i data-class={kind} /> {text}
            </span>
          ))}
        </span>
      </div>
      <PathPicture {...{ preview, setup, travel, sight, marks, cursor }} onPick={onCursor} />
      <div className="no-print">
        <Slide
          label="Along the job"
          value={time ?? 0}
          max={preview.times[last] ?? 0}
          step={Math.max(0.01, (preview.times[last] ?? 0) / 2000)}
          text={time === null ? 'not begun' : longTime(time)}
          onSlide={(t) => onCursor(cornerAt(preview.times, t))}
        />
      </div>
      <p className={line === null ? `${styles.now} no-print` : styles.now} aria-live="polite">
        {line === null ? (
          'Press on the path or on a line, or move the slide: they are one place.'
        ) : (
          <>
            {longTime(time!)}, line {line}: <code>{written(line)}</code>
          </>
        )}
      </p>
      <AfterPaint>
        <JobCharts series={series} now={time} system={system} />
        <AfterPaint>
          <AxesTable report={report} />
          <WorstTable report={report} written={written} onLine={onLine} />
        </AfterPaint>
      </AfterPaint>
    </>
  );
}
