'use client';

import { freshId } from '@/session';
import type { JobRun } from '@/core/job';
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
  /** What it was run with; null before that. */
  readonly run: JobRun | null;
}

/** Which cut each tool of the program makes, where there are several. */
function ToolCuts({ job, acts, run }: FieldsProps) {
  const { project } = useMachine();
  const used = run?.report.tools ?? [];
  const numbers = [...new Set([...used, ...job.tools.map((t) => t.number)])];
  if (numbers.length < 2) return null;
  const pick = (number: number) => (cut: string) => {
    const others = job.tools.filter((t) => t.number !== number);
    const tools = cut ? [...others, { id: freshId(), number, cut }] : others;
    return acts.say(job, { tools }, `Cut of tool ${number}`);
  };
  return numbers.map((number) => (
    <Choice
      key={number}
      label={`Tool ${number} makes`}
      value={job.tools.find((t) => t.number === number)?.cut ?? ''}
      options={[['', 'the cut of the job'], ...project.brief.cuts.map((c) => [c.id, c.name] as const)]}
      onPick={pick(number)}
    />
  ));
}

/** Where the work lies, what is cut, how the controller runs it. */
export function JobFields({ job, acts, run }: FieldsProps) {
  const { project } = useMachine();
  const at = `jobs.${project.jobs.indexOf(job)}`;
  const setup = run?.setup;
  const stock = setup?.stock;
  const cornering = setup?.planning.cornering;
  const within = cornering && 'by' in cornering && cornering.kind !== 'jump' ? cornering.by : undefined;
  const cuts = project.brief.cuts.map((c) => [c.id, c.name] as const);
  return (
    <div className={styles.fields}>
      <p className={styles.lead}>What stands slanted is taken as long as nothing is typed.</p>
      {(['x', 'y', 'z'] as const).map((axis, i) => (
        <MachineField key={axis} path={`${at}.nought.${axis}`} proposed={setup?.nought[i]} />
      ))}
      <Choice
        label="Cut"
        value={job.cut}
        options={[['', cuts.length ? 'the first of the brief' : 'none in the brief'], ...cuts]}
        onPick={(cut: string) => acts.say(job, { cut }, 'Cut of the job')}
      />
      <ToolCuts {...{ job, acts, run }} />
      {(['length', 'width'] as const).map((of) => (
        <MachineField key={of} path={`${at}.stock.${of}`} proposed={project.brief.stock[of]?.si} />
      ))}
      <MachineField path={`${at}.stock.top`} proposed={stock ? stock.top - setup!.nought[2] : undefined} />
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
          <MachineField path={`${at}.corner.by`} proposed={within} />
          <MachineField path={`${at}.corner.ahead`} proposed={setup?.planning.window} />
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
