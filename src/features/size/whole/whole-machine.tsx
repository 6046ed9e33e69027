'use client';

import { useState } from 'react';
import { type MachineReport, type WayId, ways } from '@/core/machine';
import { formatNumber, formatQuantity } from '@/core/units';
import { FindingList, NoNumber, TrialBar } from '@/features/findings';
import { useFlex, useFrameTrials, useMachine, useReport, WHOLE } from '@/features/frame';
import { part } from '@/ui/part';
import { TitleBlock } from '@/ui/title-block';
import { Toggle } from '@/ui/toggle';
import { micro, stiffnessText } from '@/words';
import { BenchHead } from '../bench-head';
import { Accuracy } from './accuracy';
import { FlexView } from './flex-view';
import { Improvements } from './improvements';
import { noFrame } from './no-frame';
import { StructurePanel } from './structure-panel';
import styles from './whole.module.css';

const MachinePicture = part(() => import('@/features/picture').then((m) => m.MachinePicture));

type View = 'flex' | 'accuracy' | 'picture';
const views = [
  ['flex', 'Flex'],
  ['accuracy', 'Accuracy'],
  ['picture', 'Picture'],
] as const;

/** The machine as a whole: how it bends, how exact it can be, and how it looks. */
export function WholeMachine() {
  const { solved } = useFlex();
  const [way, setWay] = useState<WayId>('x');
  const trials = useFrameTrials();
  const report = useReport(trials.busy ? null : trials.output);
  return (
    <div className={styles.whole}>
      <div className={styles.headBox}>
        <BenchHead current={WHOLE} />
      </div>
      <div className={`${styles.left} fades`}>
        <StructurePanel />
      </div>
      <Middle report={report} way={way} onWay={setWay} />
      <div className={`${styles.right} fades`}>
        <TrialBar />
        <h2>What the whole says</h2>
        <NoNumber codes={report.noNumber} />
        <FindingList
          findings={report.findings}
          calm="Every check of the whole machine holds."
          ours={report.ours.length}
        />
        {solved && <Improvements trials={trials} way={way} flex={solved} />}
      </div>
      <div className={styles.block}>
        <WholeBlock report={report} />
      </div>
    </div>
  );
}

interface MiddleProps {
  readonly report: MachineReport;
  readonly way: WayId;
  readonly onWay: (way: WayId) => void;
}

function Middle({ report, way, onWay }: MiddleProps) {
  const { project } = useMachine();
  const { solved, busy, place } = useFlex();
  const [view, setView] = useState<View>('flex');
  return (
    <div className={`${styles.middle} fades`}>
      <div className={styles.views}>
        <Toggle label="View of the machine" options={views} value={view} onPick={setView} />
        <span role="status">{busy ? 'solving…' : ''}</span>
      </div>
      {place === 'page' && (
        <p className={styles.hint} role="status">
          This browser starts no work beside the page: the frame is solved on the page, which may stand still
          meanwhile.
        </p>
      )}
      {view === 'picture' && <MachinePicture project={project} />}
      {view === 'accuracy' && <Accuracy errors={report.errors} project={project} />}
      {view === 'flex' && (solved ? <FlexView flex={solved} way={way} onWay={onWay} /> : <NoFlex />)}
    </div>
  );
}

/** Why there is nothing to see of how the machine bends. */
function NoFlex() {
  const { flex, failed } = useFlex();
  const why = failed
    ? `The frame could not be solved: ${failed}`
    : flex && !flex.ok
      ? noFrame[flex.reason]
      : 'Solving the frame…';
  return <p className={styles.empty}>{why}</p>;
}

function WholeBlock({ report }: { report: MachineReport }) {
  const { system } = useMachine();
  const { solved } = useFlex();
  const { moving, standing } = report.masses;
  const mass = (kg: number) => formatQuantity('mass', kg, system, 3).text;
  const softest = solved && Math.min(...ways.map((w) => solved.softest[w].stiffness));
  return (
    <TitleBlock
      cells={[
        { label: 'Moves', value: mass(moving) },
        { label: 'Stands', value: mass(standing) },
        { label: 'Rings at', value: solved ? `${formatNumber(solved.frequency.hertz, 3)} Hz` : '–' },
        { label: 'Softest', value: softest === null ? '–' : stiffnessText(softest, system) },
        { label: 'Sag over area', value: solved ? micro(solved.sag.spread, system) : '–' },
        { label: 'Not given', value: solved ? `${solved.missing.length}` : '–' },
      ]}
    />
  );
}
