'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { buildPlace, isBuildCode, withBuild } from '@/core/build';
import { isLogCode } from '@/core/log';
import { isProveCode, isWorkCode, type ProveFinding, provePlace, type WorkFinding } from '@/core/prove';
import { allFindings, type AnyFinding, type MachineReport, sceneOf } from '@/core/machine';
import { capsAt, MOST_NAME, put } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { matterOf, NoNumber, Ours } from '@/features/findings';
import {
  type BuildState,
  machineHref,
  SheetHead,
  useBuild,
  useWork,
  useFlex,
  useFrameTrials,
  useHeld,
  useMachine,
  useLogFindings,
  useProveFindings,
  useReport,
  useTrials,
  useTruing,
  WHOLE,
} from '@/features/frame';
import { BOOK_STEPS, restingPositions } from '@/drawings';
import { PlainDrawing } from '@/features/picture';
import { Explained } from '@/ui/explained';
import { TextArea } from '@/ui/text-area';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import { colourOf, VerdictMark, verdictColour } from '@/ui/verdict-mark';
import { cautionText, oursText, verdictText } from '@/words';
import { AxesTable } from './axes-table';
import { BuildBook } from './build-book';
import styles from './overview.module.css';

/** How many findings and cautions the first page has room for. */
const SHOWN = 3;

/** First page of a machine: where it stands, in ten seconds. */
export function Overview() {
  const trials = useFrameTrials();
  const report = useReport(trials.busy ? null : trials.output);
  const build = useBuild();
  return (
    <div className={styles.page}>
      <div className={styles.headBox}>
        <SheetHead label="Machine" tabs={[]} />
      </div>
      <Drawn />
      <Stands report={report} build={build} />
      <Matters report={report} build={build} />
      <div className={styles.lists}>
        <AxesTable reports={report.axes} />
        <Cautions report={report} />
        <BuildBook steps={BOOK_STEPS} />
      </div>
    </div>
  );
}

function Drawn() {
  const { project, system } = useMachine();
  const scene = useMemo(() => sceneOf(project), [project]);
  return (
    <section className={styles.drawn} aria-label="The machine">
      <PlainDrawing
        scene={scene}
        positions={restingPositions(scene)}
        view="orbit"
        system={system}
        label={`${project.name}: ${scene.guessed ? 'drawn from its travels' : 'drawn from its structure'}`}
        height={280}
      />
      <p className={styles.note}>
        {scene.guessed ? 'Beam, columns and bed are guessed from the travels. ' : ''}
        <Link href={machineHref('size', project.id, WHOLE)}>Turn it, bend it, see what gives</Link>
      </p>
    </section>
  );
}

interface ReportProps {
  readonly report: MachineReport;
}

interface WholeProps extends ReportProps {
  readonly build: BuildState;
}

function Stands({ report, build }: WholeProps) {
  const { project, editor } = useMachine();
  const { verdict, ours } = report;
  const guessed = ours.length > 0;
  return (
    <section className={styles.stands} aria-label="Where it stands">
      <p className={styles.verdict} style={{ color: colourOf(verdict, guessed) }}>
        <VerdictMark verdict={verdict} guessed={guessed} size={26} />{' '}
        <Explained>{verdictText(verdict, guessed)}</Explained>
      </p>
      <NoNumber codes={report.noNumber} />
      {guessed && (
        <Ours
          paths={ours}
          title={`${oursText(ours.length)}: nobody has said them yet, and what rests on them is guessed`}
        />
      )}
      <TextLine
        className={styles.name}
        label="Name of the machine"
        value={project.name}
        maxLength={MOST_NAME}
        onText={(name) => editor.apply([put('name', name)], 'Name of the machine')}
      />
      <Block report={report} build={build} />
      <Note />
    </section>
  );
}

function Block({ report, build }: WholeProps) {
  const { project, system } = useMachine();
  const { masses, cost, axes } = report;
  const { budget } = project.brief;
  const money = build.answer?.money;
  const spent = money ? money.total : cost.known;
  const least = money?.unpriced.unknown ? '≥ ' : '';
  const unknown = axes.reduce((sum, r) => sum + r.unknowns.length, 0);
  const mass = (kg: number) => formatQuantity('mass', kg, system, 3).text;
  const changed = new Date(project.changed).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
  return (
    <TitleBlock
      cells={[
        { label: 'Moves', value: mass(masses.moving) },
        { label: 'Stands', value: masses.standing ? mass(masses.standing) : '–' },
        {
          label: 'Parts so far',
          value: `${least}${spent.toFixed(0)}${budget === null ? '' : ` of ${budget.toFixed(0)}`}`,
        },
        { label: 'No part yet', value: `${cost.unpicked.length} links` },
        { label: 'Not given', value: unknown === 1 ? '1 value' : `${unknown} values` },
        { label: 'Changed', value: changed },
      ]}
    />
  );
}

/** What the machine is for, in the builder's words; every keystroke is kept. */
function Note() {
  const { project, editor } = useMachine();
  return (
    <div className={styles.about}>
      <TextArea
        label="What it is for"
        placeholder="What it is for"
        value={project.note}
        maxLength={capsAt('note')!.max}
        onText={(text) => editor.write('note', text, 'Note')}
      />
    </div>
  );
}

function Matters({ report, build }: WholeProps) {
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
    <section aria-labelledby="matters-title" className={styles.matters}>
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

function Cautions({ report }: ReportProps) {
  const { system } = useMachine();
  return (
    <section className={styles.cautions} aria-labelledby="caution-title">
      <h2 id="caution-title">Caution</h2>
      <ul>
        {report.cautions.slice(0, SHOWN).map((c) => (
          <li key={c.code}>{cautionText(c, system)}</li>
        ))}
      </ul>
    </section>
  );
}
