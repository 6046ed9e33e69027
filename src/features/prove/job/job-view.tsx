'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import type { JobFound, JobRun, Preview } from '@/core/job';
import { machineHref, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { useDrop } from '@/ui/file-picker';
import { Fold } from '@/ui/fold';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { useAfterPaint } from '@/ui/use-after-paint';
import { longTime } from '@/words';
import page from '../prove.module.css';
import { JobFields } from './job-fields';
import { JobOrder, PROGRAMS } from './job-order';
import { cornerOfLine, Shown, useTravel } from './job-shown';
import { JobSide } from './job-side';
import { PathPicture } from './path-picture';
import styles from './job.module.css';
import { useJobs } from './use-jobs';
import { useRun } from './use-run';

/** The beginning of a path as the file has it, before anything is known of it. */
function Beginning({ preview }: { readonly preview: Preview }) {
  const travel = useTravel();
  const still = { setup: null, sight: 'above', marks: [], cursor: null, onPick: () => undefined } as const;
  return <PathPicture {...{ preview, travel }} {...still} />;
}

const Empty = () => (
  <p className={styles.lead}>
    Drop a G-code file here, or add one with the button. It is read as your controller would, planned with
    this machine’s own speeds and accelerations, and every line is held against the torque of its motors:
    where it would stall, run out of travel, or slow down in its corners. It stays in this browser; nothing is
    sent to any machine.
  </p>
);

/** How far the run is, that it was stopped, or why it failed. */
function Status({
  run: { busy, step, stopped, failed, stop, again },
}: Pick<ReturnType<typeof useRun>, 'run'>) {
  const done = (step?.done ?? 0) / (step?.of ?? 1);
  return (
    <>
      {busy && (
        <Progress label="Running the job" done={done} of={1}>
          {Math.round(100 * done)} % of the file, read twice <Action onAct={stop}>Stop</Action>
        </Progress>
      )}
      {stopped && (
        <p>
          Stopped. <Action onAct={again}>Run it again</Action>
        </p>
      )}
      {failed && <Notice kind="error">It could not be run: {failed}</Notice>}
    </>
  );
}

/** The path of a job, which is dear to draw, follows what was found of it by a paint. */
function usePainted(run: JobRun | null, of: string): JobRun | null {
  const answer = useMemo(() => run && { run, of }, [run, of]);
  const painted = useAfterPaint(answer);
  return run && painted?.of === of ? painted.run : null;
}

interface ViewProps {
  readonly asked: string | null;
  readonly found: readonly JobFound[];
}

/** Will this job run? A program on this machine, before metal is spoilt. */
export function JobView({ asked, found }: ViewProps) {
  const { project } = useMachine();
  const router = useRouter();
  const acts = useJobs();
  const job = project.jobs.find((j) => j.id === asked) ?? project.jobs[0] ?? null;
  const { program, run, bytes } = useRun(job);
  const [said, setSaid] = useState<readonly string[]>([]);
  const [cursor, setCursor] = useState<{ readonly of: string; readonly corner: number } | null>(null);
  const add = (files: readonly File[]) =>
    void acts.add(files).then(({ id, said: refused }) => {
      setSaid(refused);
      if (id) router.replace(`${machineHref('prove', project.id)}&v=job&job=${id}`);
    });
  const drop = useDrop(PROGRAMS, add);
  const { output, step, busy } = run;
  // The beginning of the path comes with the first step, and stands until all of it is there.
  const [first, setFirst] = useState<Preview | null>(null);
  if (step?.first && step.first !== first) setFirst(step.first);
  const at = cursor && cursor.of === job?.id ? cursor.corner : null;
  const onCursor = (corner: number) => setCursor(job && { of: job.id, corner });
  const shown = usePainted(output, job?.id ?? '');
  const picture = useRef<HTMLDivElement>(null);
  const onLine = (line: number) => {
    if (!output) return;
    onCursor(cornerOfLine(output.report.preview, line));
    picture.current?.scrollIntoView({ block: 'start' });
  };
  return (
    <>
      <div className={`${page.scrolls} ${styles.left} no-print`}>
        <JobOrder here={job} found={found} acts={acts} onFiles={add} />
      </div>
      <section className={`${page.middle} ${page.scrolls}`} aria-label="Job" {...drop}>
        <h2 className={page.heading}>
          {job ? job.name : 'Will this job run'}{' '}
          {output && job && (
            <small>
              {output.report.read.lines} lines · {longTime(output.report.time)}
            </small>
          )}
        </h2>
        {said.length > 0 && (
          <Notice kind="error">
            {said.map((s) => (
              <p key={s}>{s}</p>
            ))}
          </Notice>
        )}
        {!job && <Empty />}
        {program === 'not-here' && (
          <Notice kind="error">
            The content of this program is not in this browser. Add the file once more; a bundle of the
            machine takes it along.
          </Notice>
        )}
        <Status run={run} />
        {job && (
          <div className="no-print">
            <Fold summary={<span>Where it lies, and how it is run</span>}>
              <JobFields job={job} acts={acts} run={output} />
            </Fold>
          </div>
        )}
        {!shown && first && (busy || output) && <Beginning preview={first} />}
        {shown && bytes && (
          <div ref={picture}>
            <Shown run={shown} bytes={bytes} cursor={at} onCursor={onCursor} onLine={onLine} />
          </div>
        )}
      </section>
      <section className={page.right} aria-label="Answers">
        {output && job && bytes ? (
          <JobSide run={output} {...{ job, bytes, onLine }} />
        ) : (
          <h2 className={page.heading}>Will it run</h2>
        )}
      </section>
    </>
  );
}
