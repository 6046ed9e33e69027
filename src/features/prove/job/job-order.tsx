'use client';

import Link from 'next/link';
import type { JobFound } from '@/core/job';
import type { JobSaid } from '@/core/model';
import { machineHref, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { FilePicker } from '@/ui/file-picker';
import { useRefusal } from '@/ui/refusal';
import { VerdictMark } from '@/ui/verdict-mark';
import page from '../prove.module.css';
import styles from './job.module.css';
import type { JobActs } from './use-jobs';

/** Programs as post-processors name them; a browser asks for endings where a type has no name. */
export const PROGRAMS = { 'text/plain': ['.nc', '.ngc', '.gcode', '.gc', '.tap', '.cnc', '.txt'] };

interface OrderProps {
  readonly here: JobSaid | null;
  readonly found: readonly JobFound[];
  readonly acts: JobActs;
  readonly onFiles: (files: readonly File[]) => void;
}

/** How a job stands, as far as it was run. */
function Mark({ found }: { readonly found: JobFound | undefined }) {
  return found && <VerdictMark verdict={found.verdict} guessed={found.guessed} labelled />;
}

/** The jobs of the machine, and the way to one more. */
export function JobOrder({ here, found, acts, onFiles }: OrderProps) {
  const { project } = useMachine();
  const refusal = useRefusal();
  return (
    <nav className={styles.order} aria-label="Jobs">
      <h2 className={page.heading}>Jobs</h2>
      <ul>
        {project.jobs.map((job) => (
          <li key={job.id} data-here={job.id === here?.id || undefined}>
            <Mark found={found.find((f) => f.jobId === job.id)} />
            <Link
              href={`${machineHref('prove', project.id)}&v=job&job=${job.id}`}
              replace
              aria-current={job.id === here?.id ? 'page' : undefined}
            >
              {job.name}
            </Link>
          </li>
        ))}
      </ul>
      <FilePicker label="G-code files" accept={PROGRAMS} multiple onFiles={onFiles} variant="outlined">
        Add a program
      </FilePicker>
      {here && (
        <Action onAct={() => refusal.attempt(() => acts.remove(here))} label={`Remove ${here.name}`}>
          Remove this one
        </Action>
      )}
      {refusal.note}
    </nav>
  );
}
