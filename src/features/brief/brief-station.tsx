'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { briefWorking } from '@/core/machine';
import { getAt, isMeasure } from '@/core/model';
import { formatQuantity } from '@/core/units';
import {
  machineHref,
  SheetHead,
  useFlex,
  useMachineEditor,
  useMachineReport,
  useOpenMachine,
} from '@/features/frame';
import { MachineFindings } from '@/features/whole/findings';
import { cautionText, inputLabel } from '@/features/words';
import { TitleBlock } from '@/ui/title-block';
import styles from './brief.module.css';
import { CutAnswer, CutFields, CutList } from './cuts-view';
import { ArrangementChoice, JobFields, Targets } from './job-view';
import { MassesView } from './masses-view';

const WorkingDrawer = dynamic(() => import('@/ui/working-drawer').then((m) => m.WorkingDrawer), {
  ssr: false,
});

const views = { job: 'The job', cuts: 'Cuts', masses: 'Masses' } as const;
type View = keyof typeof views;

/** The Brief station: what the machine must do, what it cuts, and what it moves. */
export function BriefStation() {
  const { session, project } = useOpenMachine();
  const system = project.units;
  const { flex } = useFlex(project);
  const report = useMachineReport(project, flex?.ok ? flex.report : null);
  const editor = useMachineEditor(session, system, inputLabel);
  const wanted = useSearchParams().get('a');
  const view: View = wanted === 'cuts' || wanted === 'masses' ? wanted : 'job';
  const [cutAt, setCutAt] = useState(0);
  const [trail, setTrail] = useState<readonly string[]>([]);
  const lines = useMemo(() => (trail.length ? briefWorking(project) : []), [project, trail.length]);
  const picked = Math.min(cutAt, project.brief.cuts.length - 1);
  const note: Record<View, string> = {
    job: 'work, place, arrangement',
    cuts: `${project.brief.cuts.length} given`,
    masses: formatQuantity('mass', report.masses.moving, system, 3).text,
  };
  return (
    <div className={styles.brief} data-view={view}>
      <div className={styles.headBox}>
        <SheetHead
          session={session}
          project={project}
          label="Brief"
          tabs={(Object.keys(views) as View[]).map((v) => ({
            id: v,
            title: views[v],
            note: note[v],
            href: machineHref('brief', project.id, v),
            here: v === view,
          }))}
        />
      </div>
      <div className={styles.left}>
        {view === 'job' && <JobFields project={project} editor={editor} />}
        {view === 'cuts' && (
          <CutList project={project} editor={editor} loads={report.cuts} picked={picked} onPick={setCutAt} />
        )}
      </div>
      <div className={styles.middle}>
        {view === 'job' && (
          <>
            <ArrangementChoice project={project} editor={editor} />
            <Targets project={project} editor={editor} />
          </>
        )}
        {view === 'cuts' && picked >= 0 && (
          <div className={styles.two}>
            <CutFields project={project} editor={editor} index={picked} />
            <CutAnswer
              project={project}
              load={report.cuts[picked]!}
              cut={project.brief.cuts[picked]!}
              onWorking={(line) => setTrail([line])}
            />
          </div>
        )}
        {view === 'masses' && <MassesView project={project} editor={editor} masses={report.masses} />}
      </div>
      <div className={styles.right}>
        <h2>What the whole says</h2>
        <MachineFindings
          findings={report.findings}
          system={system}
          onTry={(edits, name) => editor.apply(edits, `Try: ${name}`)}
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
      <div className={styles.block}>
        <TitleBlock
          cells={[
            { label: 'Sheet', value: views[view] },
            { label: 'Moves', value: formatQuantity('mass', report.masses.moving, system, 3).text },
            { label: 'Stands', value: formatQuantity('mass', report.masses.standing, system, 3).text },
            {
              label: 'Worst cut',
              value: report.cuts.length
                ? formatQuantity(
                    'force',
                    Math.max(...report.cuts.map((c) => Math.max(c.along, c.across))),
                    system,
                    3,
                  ).text
                : '–',
            },
            { label: 'Parts so far', value: report.cost.known.toFixed(0) },
            { label: 'Budget', value: project.brief.budget?.toFixed(0) ?? '–' },
          ]}
        />
      </div>
      {trail.length > 0 && (
        <WorkingDrawer
          lines={lines}
          trail={trail}
          system={system}
          onTrail={setTrail}
          source={(path) => {
            const value = getAt(project, path);
            return {
              label: inputLabel(path),
              ...(isMeasure(value) ? { typed: value.typed, basis: value.basis } : {}),
            };
          }}
        />
      )}
    </div>
  );
}
