'use client';

import type { JobSaid } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { jobTakeNames, jobTakeOptions } from '@/words';
import styles from './job.module.css';
import type { JobActs } from './use-jobs';

interface FieldsProps {
  readonly job: JobSaid;
  readonly acts: JobActs;
}

/** Where the work lies, what is cut, how the controller runs it. */
export function JobFields({ job, acts }: FieldsProps) {
  const { project } = useMachine();
  const at = `jobs.${project.jobs.indexOf(job)}`;
  const cuts = project.brief.cuts.map((c) => [c.id, c.name] as const);
  return (
    <div className={styles.fields}>
      {(['x', 'y', 'z'] as const).map((axis) => (
        <MachineField key={axis} path={`${at}.nought.${axis}`} />
      ))}
      <Choice
        label="Cut"
        value={job.cut}
        options={[['', cuts.length ? 'the first of the brief' : 'none in the brief'], ...cuts]}
        onPick={(cut: string) => acts.say(job, { cut }, 'Cut of the job')}
      />
      {(['length', 'width', 'top'] as const).map((of) => (
        <MachineField key={of} path={`${at}.stock.${of}`} />
      ))}
      <Fold summary={<span>The controller: what it reads and runs its own way</span>} level="div">
        <div className={styles.fields}>
          <Choice
            label="Corners"
            value={job.corner.way}
            options={[
              ['', 'as usual'],
              ['deviation', 'within a distance'],
              ['overlap', 'one move begins before the other ends'],
              ['stop', 'stop in each'],
            ]}
            onPick={(way: JobSaid['corner']['way']) =>
              acts.say(job, { corner: { ...job.corner, way } }, 'Corners of the job')
            }
          />
          <MachineField path={`${at}.corner.by`} />
          <MachineField path={`${at}.corner.ahead`} />
          {jobTakeOptions.map(([key, options]) => (
            <Choice
              key={key}
              label={jobTakeNames[key]}
              value={job.takes[key] as string}
              options={options}
              onPick={(value: string) =>
                acts.say(job, { takes: { ...job.takes, [key]: value } }, jobTakeNames[key])
              }
            />
          ))}
        </div>
      </Fold>
    </div>
  );
}
