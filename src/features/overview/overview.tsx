'use client';

import visuallyHidden from '@mui/utils/visuallyHidden';
import Link from 'next/link';
import { byWeight } from '@/core/findings';
import { machineHref, useMachineReport, useOpenMachine } from '@/features/frame';
import { findingText, remedyText } from '@/features/size';
import { AxesTable } from './axes-table';
import { VerdictMark, verdictColour, verdictWords } from '@/ui/verdict-mark';
import styles from './overview.module.css';

/** First page of a machine: verdict of every axis, and what matters most. */
export function Overview() {
  const { session, project } = useOpenMachine();
  const report = useMachineReport(project);
  const system = project.units;
  const worst = report.axes.flatMap((r, i) => r.findings.map((f) => ({ finding: f, axis: project.axes[i]! }))).sort((a, b) => byWeight(a.finding.verdict, b.finding.verdict)).slice(0, 3);
  return (
    <div className={styles.page}>
      <header>
        <h1 style={visuallyHidden}>{project.name}</h1>
        <p className={styles.verdict} style={{ color: verdictColour[report.verdict] }}><VerdictMark verdict={report.verdict} size={26} /> {verdictWords[report.verdict]}</p>
        <NameField name={project.name} onName={(value) => session.edit([{ path: 'name', value }], { label: 'Name of the machine', mergeKey: 'name' })} />
      </header>
      <label className={styles.note}>
        <span>What it is for</span>
        <textarea value={project.note} maxLength={20_000} rows={3} onChange={(e) => session.edit([{ path: 'note', value: e.target.value }], { label: 'Note', mergeKey: 'note' })} />
      </label>
      <AxesTable session={session} project={project} report={report} />
      <section aria-labelledby="matters-title">
        <h2 id="matters-title">What matters most</h2>
        {worst.length === 0 && <p>Every check of every axis holds.</p>}
        <ol className={styles.worst}>
          {worst.map(({ finding, axis }) => {
            const text = findingText(finding, system);
            return (
              <li key={`${axis.id}-${finding.code}`}>
                <VerdictMark verdict={finding.verdict} />
                <div>
                  <h3><Link href={machineHref('size', project.id, axis.id)}>{axis.name}</Link>: {text.title.toLowerCase()} {text.big && <b style={{ color: verdictColour[finding.verdict] }}>{text.big}</b>}</h3>
                  <p>{text.lines[0]}</p>
                  {finding.remedies[0] && <p className={styles.remedy}>First to try: {remedyText(finding.remedies[0], system)}</p>}
                </div>
              </li>
            );
          })}
        </ol>
      </section>
    </div>
  );
}

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  return <input className={styles.name} aria-label="Name of the machine" defaultValue={name} key={name} maxLength={120} onBlur={(e) => { const next = e.target.value.trim(); if (next && next !== name) onName(next); else e.target.value = name; }} onKeyDown={(e) => { if (e.key === 'Enter') e.currentTarget.blur(); }} />;
}
