'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { worstVerdict } from '@/core/findings';
import { type FlexReport, type WayId, ways } from '@/core/machine';
import { startingStructure } from '@/core/model';
import { formatNumber, formatQuantity } from '@/core/units';
import { SheetHead, useFlex, useMachineEditor, useMachineReport, useOpenMachine } from '@/features/frame';
import { sizeTabs, WHOLE } from '@/features/size/tabs';
import { inputLabel, micro, stiffnessText, wayText } from '@/features/words';
import { useSessionState } from '@/session';
import { TitleBlock } from '@/ui/title-block';
import { Accuracy } from './accuracy';
import { AreaMap } from './area-map';
import { BudgetBar } from './budget-bar';
import { Improvements, MachineFindings, type TryOut } from './findings';
import { GantryDrawing } from './gantry-drawing';
import { StructurePanel } from './structure-panel';
import { useImprovements } from './use-improvements';
import styles from './whole.module.css';

const FlexChart = dynamic(() => import('./flex-chart').then((m) => m.FlexChart), { ssr: false });
const MachinePicture = dynamic(() => import('@/features/picture').then((m) => m.MachinePicture), {
  ssr: false,
});

const views = { flex: 'Flex', accuracy: 'Accuracy', picture: 'Picture' } as const;
type View = keyof typeof views;

const noFrame: Record<'no-structure' | 'no-gantry-axis' | 'loose', string> = {
  'no-structure': 'Beam, columns and bed are not planned yet, so nothing is known of sag and twist.',
  'no-gantry-axis':
    'The frame needs an axis across (gantry) and one along the bed. Add them on the first page of the ' +
    'machine, or pick another arrangement in the brief.',
  loose:
    'This frame does not stand: something in it is held by nothing. Look at the stiffness of ' +
    'carriages and supports.',
};

/** The machine as a whole: how it bends, how exact it can be, and how it looks. */
export function WholeMachine() {
  const { session, project } = useOpenMachine();
  const system = project.units;
  const { flex, busy, failed } = useFlex(project);
  const solved = flex?.ok ? flex.report : null;
  const editor = useMachineEditor(session, system, inputLabel);
  const [view, setView] = useState<View>('flex');
  const [way, setWay] = useState<WayId>('x');
  const improvements = useImprovements(project, way, solved !== null);
  const report = useMachineReport(
    project,
    solved,
    improvements.step ? undefined : (improvements.list ?? undefined),
  );
  const top = useSessionState(session, (s) => s.history.past[s.history.past.length - 1]);
  const [trial, setTrial] = useState<{ step: unknown; name: string } | null>(null);
  const onTry: TryOut = (edits, name) => {
    if (editor.apply(edits, `Try: ${name}`) !== undefined) return;
    const { past } = session.store.getState().history;
    setTrial({ step: past[past.length - 1], name });
  };
  const tried = trial && trial.step === top ? trial.name : null;
  const begin = () => {
    const travel = (role: string) => project.axes.find((a) => a.role === role)?.demands.travel.si ?? 0.8;
    editor.apply(
      [{ path: 'structure', value: startingStructure(travel('gantry'), travel('bed')) as never }],
      'Structure begun',
    );
  };

  return (
    <div className={styles.whole}>
      <div className={styles.headBox}>
        <SheetHead
          session={session}
          project={project}
          label="Axes"
          tabs={sizeTabs(
            project,
            report.axes,
            worstVerdict(['holds', ...report.findings.map((f) => f.verdict)]),
            WHOLE,
          )}
        />
      </div>
      <div className={styles.left}>
        {project.structure ? (
          <StructurePanel project={project} editor={editor} />
        ) : (
          <section className={styles.structure}>
            <h2>Structure</h2>
            <p className={styles.hint}>{noFrame['no-structure']}</p>
            <button type="button" className={styles.main} onClick={begin}>
              Begin with a usual frame
            </button>
          </section>
        )}
      </div>
      <div className={styles.middle}>
        <div className={styles.views} role="group" aria-label="View of the machine">
          {(Object.keys(views) as View[]).map((v) => (
            <button key={v} type="button" aria-pressed={v === view} onClick={() => setView(v)}>
              {views[v]}
            </button>
          ))}
          <span role="status">{busy ? 'solving…' : ''}</span>
        </div>
        {view === 'picture' && <MachinePicture project={project} />}
        {view === 'accuracy' && <Accuracy errors={report.errors} project={project} />}
        {view === 'flex' &&
          (solved ? (
            <FlexView project={project} flex={solved} way={way} onWay={setWay} />
          ) : (
            <p className={styles.empty}>
              {failed
                ? `The frame could not be solved: ${failed}`
                : flex && !flex.ok
                  ? noFrame[flex.reason]
                  : 'Solving the frame…'}
            </p>
          ))}
      </div>
      <div className={styles.right}>
        {tried && (
          <div className={styles.tried} role="status">
            <span>Trying: {tried}</span>
            <button
              type="button"
              onClick={() => {
                session.undo();
                setTrial(null);
              }}
            >
              Take back
            </button>
          </div>
        )}
        <h2>What the whole says</h2>
        <MachineFindings findings={report.findings} system={system} onTry={onTry} />
        {solved && (
          <Improvements
            state={improvements}
            way={way}
            system={system}
            sag={solved.sag.spread}
            onTry={onTry}
            onStop={improvements.stop}
            onAgain={improvements.again}
          />
        )}
      </div>
      <div className={styles.block}>
        <TitleBlock
          cells={[
            { label: 'Moves', value: formatQuantity('mass', report.masses.moving, system, 3).text },
            { label: 'Stands', value: formatQuantity('mass', report.masses.standing, system, 3).text },
            { label: 'Rings at', value: solved ? `${formatNumber(solved.frequency.hertz, 3)} Hz` : '–' },
            {
              label: 'Softest',
              value: solved
                ? stiffnessText(Math.min(...ways.map((w) => solved.softest[w].stiffness)), system)
                : '–',
            },
            { label: 'Sag over area', value: solved ? micro(solved.sag.spread, system) : '–' },
            { label: 'Not given', value: solved ? `${solved.missing.length}` : '–' },
          ]}
        />
      </div>
    </div>
  );
}

const charts = { sag: 'Sag', stiffness: 'Stiffness', area: 'Area' } as const;

function FlexView({
  project,
  flex,
  way,
  onWay,
}: {
  project: ReturnType<typeof useOpenMachine>['project'];
  flex: FlexReport;
  way: WayId;
  onWay: (way: WayId) => void;
}) {
  const system = project.units;
  const [index, setIndex] = useState(Math.floor(flex.shapes.length / 2));
  const [push, setPush] = useState(100);
  const [what, setWhat] = useState<keyof typeof charts>('sag');
  const here = Math.min(index, flex.shapes.length - 1);
  const at = flex.shapes[here]!.at;
  const missing = [...new Set(flex.missing.map(inputLabel))].join(', ').toLowerCase();
  const softest = ways
    .map((w) => `${wayText[w]} ${stiffnessText(flex.softest[w].stiffness, system)}`)
    .join(', ');
  const name = (w: WayId) => {
    const letter = project.axes.find((a) =>
      w === 'x'
        ? a.role === 'bed' || a.role === 'table'
        : w === 'y'
          ? a.role === 'gantry'
          : a.role === 'plunge',
    )?.letter;
    return `${letter ?? '?'}, ${wayText[w]}`;
  };
  return (
    <>
      <div className={styles.box}>
        <GantryDrawing project={project} flex={flex} index={here} way={way} push={push} onIndex={setIndex} />
        <div className={styles.controls}>
          <label className={styles.slide}>
            <span>Tool along the beam</span>
            <input
              type="range"
              min={0}
              max={flex.shapes.length - 1}
              value={here}
              onChange={(e) => setIndex(Number(e.target.value))}
              aria-valuetext={formatQuantity('length', at, system, 4).text}
            />
          </label>
          <span role="group" aria-label="Push at the tool">
            {ways.map((w) => (
              <button key={w} type="button" aria-pressed={w === way} onClick={() => onWay(w)}>
                {name(w)}
              </button>
            ))}
          </span>
          <label className={styles.pick}>
            <span>pushed with</span>
            <select value={push} onChange={(e) => setPush(Number(e.target.value))}>
              {[0, 20, 50, 100, 200, 500].map((n) => (
                <option key={n} value={n}>
                  {n === 0 ? 'nothing' : formatQuantity('force', n, system, 3).text}
                </option>
              ))}
            </select>
          </label>
        </div>
      </div>
      <div className={styles.lower}>
        <div className={styles.box}>
          <BudgetBar shares={flex.budgets[here]![way]} way={wayText[way]} system={system} />
          <p className={styles.hint}>
            Softest over the area, {name(way)}: <b>{stiffnessText(flex.softest[way].stiffness, system)}</b> at{' '}
            {formatQuantity('length', flex.softest[way].at, system, 4).text}; stiffest{' '}
            {stiffnessText(flex.stiffest[way], system)}.
            {flex.missing.length > 0 &&
              ` Not given and taken as rigid: ${missing}. So at least this much gives.`}
          </p>
        </div>
        <div className={styles.box}>
          <div className={styles.views} role="group" aria-label="Curve">
            {(Object.keys(charts) as (keyof typeof charts)[]).map((c) => (
              <button key={c} type="button" aria-pressed={c === what} onClick={() => setWhat(c)}>
                {charts[c]}
              </button>
            ))}
            <span>
              {what === 'area'
                ? 'dark is soft'
                : what === 'sag'
                  ? system === 'metric'
                    ? 'µm'
                    : 'thou'
                  : 'N/µm'}
              {what === 'area' ? '' : ` over ${system === 'metric' ? 'mm' : 'in'}`}
            </span>
          </div>
          {what === 'area' ? (
            <div className={styles.chart}>
              <AreaMap flex={flex} way={way} at={at} system={system} />
            </div>
          ) : (
            <div
              className={styles.chart}
              role="img"
              aria-label={
                `${charts[what]} along travel: sag differs by ${micro(flex.sag.spread, system)} ` +
                `over the area; ${softest} at the softest place`
              }
            >
              <FlexChart flex={flex} what={what} at={at} system={system} />
            </div>
          )}
          <p className={styles.hint}>
            {what === 'sag' ? (
              `Hangs ${micro(flex.sag.most, system)} at the most, ${micro(flex.sag.spread, system)} ` +
              `from place to place: that is what a cut shows.`
            ) : what === 'area' ? (
              `${name(way)}: ${stiffnessText(flex.softest[way].stiffness, system)} to ` +
              `${stiffnessText(flex.stiffest[way], system)} at the tool, for ${flex.bedPlaces.length} ` +
              `places along the bed.`
            ) : (
              <>
                Whole line {name('x')}; dashes {name('y')}; dots {name('z')}.
              </>
            )}
          </p>
        </div>
      </div>
    </>
  );
}
