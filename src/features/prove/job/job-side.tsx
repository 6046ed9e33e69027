'use client';

import { type JobFinding, jobFindings, type JobReport, type JobRun, jobVerdict, timeKinds } from '@/core/job';
import type { JobSaid } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { writeTable } from '@/core/formats';
import { downloadText, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { TitleBlock } from '@/ui/title-block';
import { VerdictMark, verdictColour } from '@/ui/verdict-mark';
import {
  gcodeNoteText,
  jobFindingText,
  jobSetupText,
  longTime,
  timeNames,
  verdictWords,
  jobCountsText as countsText,
  jobCsvRows,
  jobSpaceText as spaceText,
  jobWayText as wayText,
} from '@/words';
import page from '../prove.module.css';
import { BesidePart } from './beside-part';
import styles from './job.module.css';
import { SlowerPart } from './slower-part';

interface SideProps {
  readonly run: JobRun;
  readonly job: JobSaid;
  readonly bytes: Uint8Array;
  readonly onLine: (line: number) => void;
}

function Finding({ found, onLine }: { readonly found: JobFinding; readonly onLine: SideProps['onLine'] }) {
  const { system } = useMachine();
  return (
    <li>
      <VerdictMark verdict={found.verdict} labelled />
      <span style={{ color: verdictColour[found.verdict] }}>{jobFindingText(found, system)}</span>
      {found.line > 0 && <Action onAct={() => onLine(found.line)}>line {found.line}</Action>}
    </li>
  );
}

/** Notes that are shown; the rest is counted. */
const SHOWN = 60;

function Notes({ run: { report }, onLine }: Pick<SideProps, 'run' | 'onLine'>) {
  const { system } = useMachine();
  const { notes, counts, unread } = report.read;
  if (!notes.length) return null;
  const all = [...counts.values()].reduce((sum, n) => sum + n, 0);
  const shown = [...notes].sort((a, b) => Number(b.fault) - Number(a.fault)).slice(0, SHOWN);
  return (
    <Fold summary={<span>What the file says: {unread ? `${unread} not read` : `${all} notes`}</span>}>
      <ul className={styles.notes}>
        {shown.map((note, i) => (
          <li key={i} data-fault={note.fault || undefined}>
            <Action onAct={() => onLine(note.line)} label={`Show line ${note.line}`}>
              {gcodeNoteText(note, system)}
            </Action>
          </li>
        ))}
      </ul>
      {all > shown.length && <p>and {all - shown.length} more</p>}
    </Fold>
  );
}

/** The lines that ask most as a table. */
function csvOf(report: JobReport, system: UnitSystem): string {
  const { fields, rows } = jobCsvRows(report, system);
  return writeTable(fields, rows);
}

/** What is found of a job, how long it takes, what it is taken as. */
export function JobSide({ run, job, bytes, onLine }: SideProps) {
  const { project, system } = useMachine();
  const { report, setup, guessed } = run;
  const findings = jobFindings(report);
  const { times, ways, read } = report;
  return (
    <>
      <h2 className={page.heading}>Will it run</h2>
      {findings.length === 0 && (
        <p>
          <VerdictMark verdict="holds" guessed={guessed} /> As it is taken here, it does. First in air all the
          same.
        </p>
      )}
      <ul className={styles.findings}>
        {findings.map((found) => (
          <Finding key={`${found.code} ${found.axis} ${found.line}`} {...{ found, onLine }} />
        ))}
      </ul>
      {report.worst.some((w) => w.share > 1) && <SlowerPart key={job.id} job={job} bytes={bytes} />}
      <table className={styles.times} aria-label="Time of the job">
        <tbody>
          {timeKinds
            .filter((k) => times[k] > 0)
            .map((k) => (
              <tr key={k}>
                <th scope="row">{timeNames[k]}</th>
                <td>{longTime(times[k])}</td>
                <td>{ways[k] > 0 && wayText(ways[k], system)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <p>
        {countsText(report)} {spaceText(report, system)}
      </p>
      <BesidePart {...{ run, job, bytes }} />
      <Fold summary={<span>Taken as: ours where nothing is typed</span>}>
        <ul className={styles.notes}>
          {jobSetupText(project, setup).map((line) => (
            <li key={line}>{line.trim()}</li>
          ))}
        </ul>
      </Fold>
      <Notes {...{ run, onLine }} />
      <Action onAct={() => downloadText(`${job.name}.csv`, csvOf(report, system), 'text/csv')}>
        Lines that ask most as CSV
      </Action>
      <p className={styles.caution}>
        It knows nothing of clamps, of the tool that is really in, of the stock that really lies there. First
        in air, with a hand on the stop.
      </p>
      <TitleBlock
        cells={[
          { label: 'Sheet', value: 'Job check' },
          { label: 'Time', value: longTime(report.time) },
          { label: 'Lines', value: String(read.lines) },
          { label: 'Not read', value: String(read.unread) },
          { label: 'Rests on', value: guessed ? 'ours too' : 'yours' },
          { label: 'Verdict', value: verdictWords[jobVerdict(findings)] },
        ]}
      />
    </>
  );
}
