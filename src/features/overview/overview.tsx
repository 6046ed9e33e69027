'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import visuallyHidden from '@mui/utils/visuallyHidden';
import { byWeight, type Verdict } from '@/core/findings';
import { sceneOf } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import {
  machineHref,
  type OpenReport,
  SheetHead,
  useFlex,
  useMachineReport,
  useOpenMachine,
} from '@/features/frame';
import { PlainDrawing, restingPositions } from '@/features/picture';
import { findingText, remedyText, WHOLE } from '@/features/size';
import { useImprovements } from '@/features/whole/use-improvements';
import { cautionText, changeText, machineText, nextText } from '@/features/words';
import { TitleBlock } from '@/ui/title-block';
import { VerdictMark, verdictColour, verdictWords } from '@/ui/verdict-mark';
import { AxesTable } from './axes-table';
import styles from './overview.module.css';

type Project = ReturnType<typeof useOpenMachine>['project'];

interface Matter {
  readonly key: string;
  readonly verdict: Verdict;
  readonly where: string;
  readonly href: string;
  readonly title: string;
  readonly big: string | undefined;
  readonly line: string | undefined;
  readonly remedy: string | undefined;
}

/** Findings of every axis and of the whole, the worst first; what is merely not known comes last. */
function matters(project: Project, report: OpenReport): Matter[] {
  const system = project.units;
  const axes = report.axes.flatMap((r, i) =>
    r.findings.map((f): Matter => {
      const text = findingText(f, system);
      return {
        key: `${r.axisId}-${f.code}`,
        verdict: f.verdict,
        where: project.axes[i]!.name,
        href: machineHref('size', project.id, r.axisId),
        title: text.title,
        big: text.big,
        line: text.lines[0],
        remedy: f.remedies[0] && remedyText(f.remedies[0], system),
      };
    }),
  );
  const whole = report.findings.map((f, i): Matter => {
    const text = machineText(f, system);
    return {
      key: `whole-${f.code}-${i}`,
      verdict: f.verdict,
      where: 'Whole machine',
      href: machineHref('size', project.id, WHOLE),
      title: text.title,
      big: text.big,
      line: text.lines[0],
      remedy: f.remedies[0] && changeText(f.remedies[0], system),
    };
  });
  return [...axes, ...whole].sort((a, b) => byWeight(a.verdict, b.verdict));
}

/** First page of a machine: where it stands, in ten seconds. */
export function Overview() {
  const { session, project } = useOpenMachine();
  const { flex, busy } = useFlex(project);
  const changes = useImprovements(project, 'z', flex?.ok ?? false);
  const report = useMachineReport(
    project,
    flex?.ok ? flex.report : null,
    changes.step ? undefined : (changes.list ?? undefined),
  );
  const scene = useMemo(() => sceneOf(project), [project]);
  const system = project.units;
  const all = matters(project, report);
  const unknown = report.axes.reduce((s, r) => s + r.unknowns.length, 0);
  const nextAxis = project.axes.find((a) => a.id === report.next.axisId);
  const nextHref = report.next.code.startsWith('say')
    ? machineHref('brief', project.id, report.next.code === 'say-cuts' ? 'cuts' : undefined)
    : machineHref(
        report.next.code === 'fit' ? 'fit' : 'size',
        project.id,
        report.next.axisId ??
          (report.next.code === 'plan-structure' || report.next.code === 'mend-machine' ? WHOLE : undefined),
      );
  return (
    <div className={styles.page}>
      <div className={styles.headBox}>
        <SheetHead session={session} project={project} label="Machine" tabs={[]} />
      </div>
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
      <section className={styles.stands} aria-label="Where it stands">
        <p className={styles.verdict} style={{ color: verdictColour[report.verdict] }}>
          <VerdictMark verdict={report.verdict} size={26} /> {verdictWords[report.verdict]}
        </p>
        <NameField
          name={project.name}
          onName={(value) =>
            session.edit([{ path: 'name', value }], { label: 'Name of the machine', mergeKey: 'name' })
          }
        />
        <p className={styles.next}>
          <b>Next:</b> <Link href={nextHref}>{nextText(report.next, nextAxis?.name)}</Link>
        </p>
        <TitleBlock
          cells={[
            { label: 'Moves', value: formatQuantity('mass', report.masses.moving, system, 3).text },
            {
              label: 'Stands',
              value: report.masses.standing
                ? formatQuantity('mass', report.masses.standing, system, 3).text
                : '–',
            },
            {
              label: 'Parts so far',
              value:
                project.brief.budget === null
                  ? report.cost.known.toFixed(0)
                  : `${report.cost.known.toFixed(0)} of ${project.brief.budget.toFixed(0)}`,
            },
            { label: 'No part yet', value: `${report.cost.unpicked.length} links` },
            { label: 'Not given', value: unknown === 1 ? '1 value' : `${unknown} values` },
            {
              label: 'Changed',
              value: new Date(project.changed).toLocaleDateString('en-GB', {
                day: 'numeric',
                month: 'short',
              }),
            },
          ]}
        />
        <label className={styles.about}>
          <span style={visuallyHidden}>What it is for</span>
          <textarea
            value={project.note}
            maxLength={20_000}
            rows={3}
            placeholder="What it is for"
            onChange={(e) =>
              session.edit([{ path: 'note', value: e.target.value }], { label: 'Note', mergeKey: 'note' })
            }
          />
        </label>
      </section>
      <section aria-labelledby="matters-title" className={styles.matters}>
        <h2 id="matters-title">What matters most</h2>
        {all.length === 0 && <p>Every check of every axis and of the whole holds.</p>}
        <ol className={styles.worst}>
          {all.slice(0, 3).map((m) => (
            <li key={m.key}>
              <VerdictMark verdict={m.verdict} labelled />
              <div>
                <h3>
                  <Link href={m.href}>{m.where}</Link>: {m.title.charAt(0).toLowerCase() + m.title.slice(1)}{' '}
                  {m.big && <b style={{ color: verdictColour[m.verdict] }}>{m.big}</b>}
                </h3>
                <p>{m.line}</p>
                {m.remedy && <p className={styles.remedy}>First to try: {m.remedy}</p>}
              </div>
            </li>
          ))}
        </ol>
        {all.length > 3 && (
          <p className={styles.note}>
            {all.length - 3} more, lighter.{busy ? ' The frame is still being solved.' : ''}
          </p>
        )}
      </section>
      <div className={styles.lists}>
        <AxesTable session={session} project={project} report={report} />
        <section className={styles.cautions} aria-labelledby="caution-title">
          <h2 id="caution-title">Caution</h2>
          <ul>
            {report.cautions.slice(0, 3).map((c) => (
              <li key={c.code}>{cautionText(c, system)}</li>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function NameField({ name, onName }: { name: string; onName: (name: string) => void }) {
  return (
    <input
      className={styles.name}
      aria-label="Name of the machine"
      defaultValue={name}
      key={name}
      maxLength={120}
      onBlur={(e) => {
        const next = e.target.value.trim();
        if (next && next !== name) onName(next);
        else e.target.value = name;
      }}
      onKeyDown={(e) => {
        if (e.key === 'Enter') e.currentTarget.blur();
      }}
    />
  );
}
