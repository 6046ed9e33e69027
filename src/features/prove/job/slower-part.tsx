'use client';

import { useMemo, useState } from 'react';
import type { SlowerProgram } from '@/core/job';
import { type JobSaid, PROGRAM_TYPE } from '@/core/model';
import { downloadData, useMachine, useStamp } from '@/features/frame';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { useJob } from '@/workers';
import styles from './job.module.css';

const SHOWN = 40;
const many = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;

/** A name beside that of the file that was read: it is never written over. */
const slowerName = (name: string) => name.replace(/(\.[^.]*)?$/, (ending) => `-slower${ending || '.nc'}`);

/** What was written anew, and the way to keep it. */
function Written({ program, name }: { readonly program: SlowerProgram; readonly name: string }) {
  const { bytes, changes, count, left } = program;
  const save = () => downloadData(slowerName(name), bytes.slice().buffer, PROGRAM_TYPE);
  if (!count)
    return <p>{left ? `No feed mends ${many(left, 'line')}.` : 'Nothing to change: every line holds.'}</p>;
  return (
    <>
      <p>
        {many(count, 'line')} differ{count === 1 ? 's' : ''}; F alone is changed.{' '}
        {left > 0 && `No feed mends ${many(left, 'more line')}.`}
      </p>
      <Action variant="outlined" onAct={save}>
        Save {slowerName(name)}
      </Action>
      <Fold summary={<span>What differs</span>}>
        <ul className={styles.notes}>
          {changes.slice(0, SHOWN).map(({ line, before, after }) => (
            <li key={line}>
              {line}: <del>{before}</del> <ins>{after}</ins>
            </li>
          ))}
        </ul>
        {count > SHOWN && <p>and {count - SHOWN} more</p>}
      </Fold>
    </>
  );
}

interface SlowerProps {
  readonly job: JobSaid;
  readonly bytes: Uint8Array;
}

/** The program with the feeds at which its lines hold, worked out when somebody asks for it. */
export function SlowerPart({ job, bytes }: SlowerProps) {
  const { project } = useMachine();
  const { axes, brief, structure, stand, wiring } = project;
  const input = useMemo(
    () => ({ project, job, bytes }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what a job reads of the machine
    [job, bytes, axes, brief, structure, stand, wiring],
  );
  const stamp = useStamp(input);
  // Asked of one state: another is asked anew.
  const [asked, setAsked] = useState<number | null>(null);
  const key = asked === stamp ? String(stamp) : null;
  const { output, step, busy, stopped, failed, stop, again } = useJob('jobSlower', {
    input,
    key,
    pause: 0,
    lane: 'job slower',
  });
  if (key === null || stopped)
    return (
      <Action onAct={() => (stopped ? again() : setAsked(stamp))}>Write the file with feeds that hold</Action>
    );
  if (failed) return <Notice kind="error">It could not be written: {failed}</Notice>;
  if (busy || !output)
    return (
      <Progress label="Writing" done={step?.done ?? 0} of={step?.of ?? 1}>
        Run, written and run again until every line holds <Action onAct={stop}>Stop</Action>
      </Progress>
    );
  return <Written program={output} name={job.name} />;
}
