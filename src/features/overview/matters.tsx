'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { buildPlace, isBuildCode, withBuild } from '@/core/build';
import { isLogCode } from '@/core/log';
import { allFindings, type AnyFinding, type MachineReport } from '@/core/machine';
import { isProveCode, isWorkCode, type ProveFinding, provePlace, type WorkFinding } from '@/core/prove';
import { matterOf } from '@/features/findings';
import {
  type BuildState,
  machineHref,
  useFlex,
  useHeld,
  useLogFindings,
  useMachine,
  useProveFindings,
  useTrials,
  useTruing,
  useWork,
  WHOLE,
} from '@/features/frame';
import { VerdictMark, verdictColour } from '@/ui/verdict-mark';
import styles from './overview.module.css';

/** How many findings the first page has room for. */
const SHOWN = 3;

interface MattersProps {
  readonly report: MachineReport;
  readonly build: BuildState;
}

/** What gives out first, of the plan, of the work at the machine, and of its jobs. */
export function Matters({ report, build }: MattersProps) {
  const { project } = useMachine();
  const { busy } = useFlex();
  const found = build.answer?.findings;
  // Until somebody has begun to put it together its order is nothing to worry about.
  const begun = project.steps.length > 0 || project.covers.length > 0;
  const { findings: work } = useWork(build, { wanted: begun });
  const [truing, trials] = [useTruing(), useTrials()];
  const proved = useProveFindings(truing, trials, useHeld(trials, false));
  const regretted = useLogFindings();
  const all = useMemo(
    () => withBuild(allFindings(report), [...(found ?? []), ...(begun ? work : []), ...proved, ...regretted]),
    [report, found, work, begun, proved, regretted],
  );
  return (
    <section aria-labelledby="matters-title">
      <h2 id="matters-title">What matters most</h2>
      {all.length === 0 && (
        <p>
          Every check of every axis and of the whole holds
          {report.ours.length ? ', as far as numbers of ours can tell' : ''}.
        </p>
      )}
      <ol className={styles.worst}>
        {all.slice(0, SHOWN).map((f) => (
          <Matter key={[f.axisId, f.code, f.about].join(' ')} finding={f} guessed={restsOnOurs(report, f)} />
        ))}
      </ol>
      {all.length > SHOWN && (
        <p className={styles.note}>
          {all.length - SHOWN} more, lighter.{busy ? ' The frame is still being solved.' : ''}
        </p>
      )}
    </section>
  );
}

/** Whether anything of ours stands behind a finding: its axis, or for the whole any part of it. */
const restsOnOurs = ({ axes, ours }: MachineReport, { axisId, code }: AnyFinding | WorkFinding): boolean => {
  if (isWorkCode(code)) return false;
  return axisId === null ? ours.length > 0 : (axes.find((a) => a.axisId === axisId)?.ours.length ?? 0) > 0;
};

const wholeOf = (code: string): string => {
  if (isBuildCode(code)) return 'Build';
  if (isLogCode(code)) return 'Log';
  return isProveCode(code) ? 'Prove' : 'Whole machine';
};

/** The sheet or trial that a finding of truing and proof is about. */
function proveHref(id: string, finding: ProveFinding): string {
  const { view, of } = provePlace(finding);
  const station = machineHref('prove', id);
  if (view === 'truing') return of ? `${station}&sheet=${encodeURIComponent(of)}` : station;
  return `${station}&v=${view}${of ? `&trial=${encodeURIComponent(of)}` : ''}`;
}

/** Where a finding is told in full. */
function hrefOf(id: string, finding: AnyFinding | WorkFinding): string {
  const { code, axisId } = finding;
  if (isProveCode(code)) return proveHref(id, finding as ProveFinding);
  if (isBuildCode(code)) return `${machineHref('build', id)}&v=${buildPlace(code)}`;
  if (isLogCode(code)) return machineHref('log', id);
  return machineHref('size', id, axisId ?? WHOLE);
}

function Matter({ finding, guessed }: { finding: AnyFinding | WorkFinding; guessed: boolean }) {
  const { project, system } = useMachine();
  const { verdict, axisId, code } = finding;
  const { title, big, line, remedy } = matterOf(finding, system);
  const where = project.axes.find((a) => a.id === axisId)?.name ?? wholeOf(code);
  const href = hrefOf(project.id, finding);
  return (
    <li>
      <VerdictMark verdict={verdict} guessed={guessed} labelled />
      <div>
        <h3>
          <Link href={href}>{where}</Link>: {title.charAt(0).toLowerCase() + title.slice(1)}{' '}
          {big && <b style={{ color: verdictColour[verdict] }}>{big}</b>}
        </h3>
        <p>{line}</p>
        {remedy && <p className={styles.remedy}>First to try: {remedy}</p>}
      </div>
    </li>
  );
}
