'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { briefWorking, type MachineReport, untouched } from '@/core/machine';
import { getAt, isMeasure, type Project } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { FindingList, NoNumber, TrialBar } from '@/features/findings';
import { machineHref, SheetHead, useKnown, useMachine, useReport } from '@/features/frame';
import { part } from '@/ui/part';
import { TitleBlock } from '@/ui/title-block';
import { cautionText, inputLabel, sumText } from '@/words';
import { ArrangementChoice } from './arrangement';
import styles from './brief.module.css';
import { CutAnswer } from './cut-answer';
import { CutFields } from './cut-fields';
import { CutList } from './cut-list';
import { JobFields } from './job-fields';
import { MassesView } from './masses-view';
import { Targets } from './targets';

const StartView = part(() => import('./start').then((m) => m.StartView));
const WorkingDrawer = part(() => import('@/ui/working-drawer').then((m) => m.WorkingDrawer));

const views = { start: 'Guided start', job: 'The job', cuts: 'Cuts', masses: 'Masses' } as const;
type View = keyof typeof views;
const viewIds = ['start', 'job', 'cuts', 'masses'] as const satisfies readonly View[];

/** A machine of which nobody has said anything yet is begun by its questions. */
function useView({ axes, structure }: Project): View {
  const wanted = useSearchParams().get('a');
  const fresh = useMemo(() => structure === null && axes.every(untouched), [axes, structure]);
  return viewIds.find((v) => v === wanted) ?? (fresh ? 'start' : 'job');
}

/** The Brief station: what the machine must do, what it cuts, and what it moves. */
export function BriefStation() {
  const { project } = useMachine();
  const report = useReport();
  const view = useView(project);
  const [cutAt, setCutAt] = useState(0);
  const [trail, setTrail] = useState<readonly string[]>([]);
  const picked = Math.min(cutAt, project.brief.cuts.length - 1);
  const head = (
    <div className={styles.headBox}>
      <Head view={view} />
    </div>
  );
  if (view === 'start')
    return (
      <div className={styles.brief} data-view={view}>
        {head}
        <StartView />
      </div>
    );
  return (
    <div className={styles.brief} data-view={view}>
      {head}
      <div className={styles.left}>
        {view === 'job' && <JobFields onWorking={(line) => setTrail([line])} />}
        {view === 'cuts' && <CutList picked={picked} onPick={setCutAt} />}
      </div>
      <div className={styles.middle}>
        {view === 'job' && (
          <>
            <ArrangementChoice />
            <Targets />
          </>
        )}
        {view === 'cuts' && picked >= 0 && (
          <div className={styles.two}>
            <CutFields index={picked} />
            <CutAnswer index={picked} onWorking={(line) => setTrail([line])} />
          </div>
        )}
        {view === 'masses' && <MassesView />}
      </div>
      <Said report={report} />
      <div className={styles.block}>
        <Block report={report} view={view} />
      </div>
      {trail.length > 0 && <Working trail={trail} onTrail={setTrail} />}
    </div>
  );
}

function Head({ view }: { view: View }) {
  const { project, system } = useMachine();
  const { masses } = useKnown();
  const note: Record<View, string> = {
    start: 'eight answers, any may stay open',
    job: 'work, place, arrangement',
    cuts: `${project.brief.cuts.length} given`,
    masses: formatQuantity('mass', masses.moving, system, 3).text,
  };
  const tabs = viewIds.map((id) => ({
    id,
    title: views[id],
    note: note[id],
    href: machineHref('brief', project.id, id),
    here: id === view,
  }));
  return <SheetHead label="Brief" tabs={tabs} />;
}

function Said({ report }: { report: MachineReport }) {
  const { system } = useMachine();
  return (
    <div className={styles.right}>
      <h2>What the whole says</h2>
      <TrialBar />
      <NoNumber codes={report.noNumber} />
      <FindingList
        findings={report.findings}
        calm="Every check of the whole machine holds."
        ours={report.ours.length}
      />
      <section className={styles.cautions} aria-labelledby="caution-title">
        <h2 id="caution-title">Caution</h2>
        <ul>
          {report.cautions.map((c) => (
            <li key={c.code}>{cautionText(c, system)}</li>
          ))}
        </ul>
      </section>
    </div>
  );
}

function Block({ report, view }: { report: MachineReport; view: View }) {
  const { project, system } = useMachine();
  const { masses, cuts, cost } = report;
  const mass = (kg: number) => formatQuantity('mass', kg, system, 3).text;
  const worst = Math.max(...cuts.map((c) => Math.max(c.along, c.across)));
  return (
    <TitleBlock
      cells={[
        { label: 'Sheet', value: views[view] },
        { label: 'Moves', value: mass(masses.moving) },
        { label: 'Stands', value: mass(masses.standing) },
        { label: 'Worst cut', value: cuts.length ? formatQuantity('force', worst, system, 3).text : '–' },
        { label: 'Axis parts', value: sumText(cost.known, cost.off) },
        { label: 'Budget', value: project.brief.budget?.toFixed(0) ?? '–' },
      ]}
    />
  );
}

interface WorkingProps {
  readonly trail: readonly string[];
  readonly onTrail: (trail: readonly string[]) => void;
}

function Working({ trail, onTrail }: WorkingProps) {
  const { project, system } = useMachine();
  const lines = useMemo(() => briefWorking(project), [project]);
  return (
    <WorkingDrawer
      lines={lines}
      trail={trail}
      system={system}
      onTrail={onTrail}
      source={(path) => {
        const value = getAt(project, path);
        return {
          label: inputLabel(path),
          ...(isMeasure(value) ? { typed: value.typed, basis: value.basis } : {}),
        };
      }}
    />
  );
}
