'use client';

import { spindleBelt, spindleOutput } from '@/core/machine';
import {
  type Spindle,
  put,
  spindleBearings,
  spindleBelts,
  startingSpindle,
  startingSpindleBelt,
} from '@/core/model';
import { formatQuantity, type Kind } from '@/core/units';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { beltSpeedText, spindleBearingNames, spindleBeltNames, spindleRatioText } from '@/words';
import { type AnswerRow, AnswerRows } from './answer-rows';
import styles from './brief.module.css';

const Fields = ({ paths }: { paths: readonly string[] }) => (
  <>
    {paths.map((path) => (
      <MachineField key={path} path={`brief.spindle.${path}`} />
    ))}
  </>
);

const driven = [
  ['motor', 'its own motor'],
  ['belt', 'a belt'],
] as const;
const beltOptions = spindleBelts.map((b) => [b, spindleBeltNames[b].toLowerCase()] as const);
const bearingOptions = spindleBearings.map((b) => [b, spindleBearingNames[b].toLowerCase()] as const);

/** What turns the cutter: on its own motor, or behind a belt. */
export function SpindleFields({ onWorking }: { readonly onWorking: (line: string) => void }) {
  const { project, editor } = useMachine();
  const { spindle } = project.brief;
  const set = (value: Spindle | null, label: string) => editor.apply([put('brief.spindle', value)], label);
  if (!spindle) return <Action onAct={() => set(startingSpindle(), 'Spindle')}>Give it a spindle</Action>;
  return (
    <>
      <Fields paths={['power', 'efficiency', 'ratedSpeed']} />
      <Choice
        label="Spindle turned by"
        value={spindle.belt ? 'belt' : 'motor'}
        options={driven}
        onPick={(by) =>
          set(
            { ...spindle, belt: by === 'belt' ? startingSpindleBelt() : null },
            by === 'belt' ? 'Spindle behind a belt' : 'Spindle on its motor',
          )
        }
      />
      {spindle.belt && <BeltFields spindle={spindle} onWorking={onWorking} />}
      <Action onAct={() => set(null, 'No spindle')}>No spindle</Action>
    </>
  );
}

interface BeltProps {
  readonly spindle: Spindle;
  readonly onWorking: (line: string) => void;
}

function BeltFields({ spindle, onWorking }: BeltProps) {
  const { editor } = useMachine();
  const { belt } = spindle;
  if (!belt) return null;
  return (
    <>
      <Choice
        label="Belt"
        value={belt.kind}
        options={beltOptions}
        onPick={(kind) => editor.apply([put('brief.spindle.belt.kind', kind)], 'Belt of the spindle')}
      />
      <Fields
        paths={[
          'belt.motorPulley',
          'belt.spindlePulley',
          'belt.centre',
          'belt.beltLength',
          'belt.efficiency',
          'belt.topSpeed',
        ]}
      />
      <Choice
        label="Bearings"
        value={belt.bearing}
        options={bearingOptions}
        onPick={(kind) => editor.apply([put('brief.spindle.belt.bearing', kind)], 'Bearings of the spindle')}
      />
      <Fields paths={['belt.bearingDiameter']} />
      <BeltAnswer spindle={spindle} onWorking={onWorking} />
    </>
  );
}

/** What the belt comes to, the ratio said both ways. */
function BeltAnswer({ spindle, onWorking }: BeltProps) {
  const { project, system } = useMachine();
  const report = spindleBelt(project.brief);
  if (!report) return null;
  const say = (kind: Kind, si: number, digits = 3) => formatQuantity(kind, si, system, digits).text;
  const rows: AnswerRow[] = [
    { name: 'Power at the cutter', value: say('power', spindleOutput(spindle)) },
    { name: 'Belt for these shafts', value: say('length', report.length, 4), line: 'spindle.length' },
    ...(report.centre === null
      ? []
      : [
          {
            name: 'Shafts for the belt in hand',
            value: report.centre > 0 ? say('length', report.centre, 4) : 'too short',
            line: 'spindle.centre',
          },
        ]),
    { name: 'Lies on the small pulley', value: say('angle', report.wrap), line: 'spindle.wrap' },
    ...(report.rim === null
      ? []
      : [{ name: 'Runs at', value: beltSpeedText(report.rim, system), line: 'spindle.rim' }]),
  ];
  return (
    <div className={styles.answer}>
      {spindleRatioText(report, spindle.ratedSpeed.si, system).map((line) => (
        <p key={line} className={styles.hint}>
          {line}
        </p>
      ))}
      <AnswerRows rows={rows} onWorking={onWorking} />
    </div>
  );
}
