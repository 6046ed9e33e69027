'use client';

import { useMemo, useState } from 'react';
import { planIn } from '@/core/changes';
import { jobAt, jobFindings, type JobRun } from '@/core/job';
import { type JobSaid, variantsOf } from '@/core/model';
import { variantProject } from '@/core/variants';
import { useMachine, useStamp } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { jobBesideText, jobFindingText, verdictWords } from '@/words';
import { useJob } from '@/workers';
import styles from './job.module.css';

interface BesideProps {
  readonly run: JobRun;
  readonly job: JobSaid;
  readonly bytes: Uint8Array;
}

/** A variant of the machine on the same job, its work at the same place. */
export function BesidePart({ run, job, bytes }: BesideProps) {
  const { project, system } = useMachine();
  const [picked, setPicked] = useState('');
  const { revisions } = project;
  const variants = useMemo(() => variantsOf({ revisions }), [revisions]);
  const variant = variants.find((v) => v.id === picked);
  const input = useMemo(() => {
    const plan = variant && planIn(variant);
    return plan ? { project: variantProject(project, plan), job: jobAt(job, run.setup.nought), bytes } : null;
    // The machine itself is in `run`: what else changes of it is nothing to a variant.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- as said
  }, [variant, job, bytes, run]);
  const key = String(useStamp(input));
  const { output, step, busy, failed } = useJob('job', {
    input,
    key: input ? key : null,
    pause: 0,
    lane: 'job beside',
  });
  if (!variants.length) return null;
  return (
    <>
      <Choice
        label="Beside it"
        value={picked}
        options={[['', 'no variant'], ...variants.map((v) => [v.id, v.name] as const)]}
        onPick={(id: string) => setPicked(id)}
      />
      {variant && !input && <p>What was kept of {variant.name} cannot be read any more.</p>}
      {busy && (
        <Progress label={`Running it on ${variant?.name}`} done={step?.done ?? 0} of={step?.of ?? 1} />
      )}
      {failed && <Notice kind="error">It could not be run: {failed}</Notice>}
      {variant && output && !busy && (
        <>
          <p>{jobBesideText(run.report, { name: variant.name, run: output })}.</p>
          <ul className={styles.notes}>
            {jobFindings(output.report).map((f) => (
              <li key={`${f.code} ${f.axis} ${f.line}`}>
                {verdictWords[f.verdict]}: {jobFindingText(f, system)}
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
