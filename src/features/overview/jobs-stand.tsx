'use client';

import Link from 'next/link';
import { byWeight } from '@/core/findings';
import type { JobFound } from '@/core/job';
import { machineHref, useJobsFound, useMachine } from '@/features/frame';
import { VerdictMark } from '@/ui/verdict-mark';
import { jobFindingText, longTime } from '@/words';
import styles from './overview.module.css';

/** As many jobs as the first page has room for. */
const SHOWN = 4;

/** Whether a job runs on this machine as it is planned now, by its worst finding. */
function Job({ job: { jobId, name, verdict, guessed, time, findings } }: { readonly job: JobFound }) {
  const { project, system } = useMachine();
  const [worst, ...others] = findings;
  const line = worst && worst.line > 0 ? ` (line ${worst.line})` : '';
  const more = others.length ? `, and ${others.length} more` : '';
  return (
    <li>
      <VerdictMark verdict={verdict} guessed={guessed} labelled />
      <div>
        <h3>
          <Link href={`${machineHref('prove', project.id)}&v=job&job=${jobId}`}>{name}</Link>
        </h3>
        {time === null && <p>Not run here: its program is long, or not in this browser.</p>}
        {time !== null && (
          <p>
            {longTime(time)}
            {worst && `: ${jobFindingText(worst, system)}${line}${more}`}.
          </p>
        )}
      </div>
    </li>
  );
}

/** The jobs of a machine, the worst first; nothing where it has none. */
export function JobsStand() {
  const found = useJobsFound();
  if (!found.length) return null;
  const sorted = [...found].sort((a, b) => byWeight(a.verdict, b.verdict));
  return (
    <section aria-labelledby="jobs-title">
      <h2 id="jobs-title">Will its jobs run</h2>
      <ol className={styles.worst}>
        {sorted.slice(0, SHOWN).map((job) => (
          <Job key={job.jobId} job={job} />
        ))}
      </ol>
      {sorted.length > SHOWN && <p className={styles.note}>{sorted.length - SHOWN} more in Prove.</p>}
    </section>
  );
}
