'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { type MachineReport, sceneOf } from '@/core/machine';
import { capsAt, MOST_NAME, put } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { NoNumber, Ours } from '@/features/findings';
import {
  type BuildState,
  machineHref,
  SheetHead,
  useBuild,
  useFrameTrials,
  useMachine,
  useReport,
  WHOLE,
} from '@/features/frame';
import { BOOK_STEPS, restingPositions } from '@/drawings';
import { PlainDrawing } from '@/features/picture';
import { Explained } from '@/ui/explained';
import { TextArea } from '@/ui/text-area';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import { colourOf, VerdictMark } from '@/ui/verdict-mark';
import { cautionText, oursText, verdictText } from '@/words';
import { AxesTable } from './axes-table';
import { BuildBook } from './build-book';
import { JobsStand } from './jobs-stand';
import { Matters } from './matters';
import styles from './overview.module.css';

/** How many cautions the first page has room for. */
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
      <div className={styles.matters}>
        <Matters report={report} build={build} />
        <JobsStand />
      </div>
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
        {scene.guessed ? 'The frame is guessed from the travels. ' : ''}
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
