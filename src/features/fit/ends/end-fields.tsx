'use client';

import type { Side } from '@/core/machine';
import { type Axis, type AxisEnd, type Cushion, type CushionKind, startingCushion } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { cushionNames, switchNames, wiredNames } from '@/words';
import styles from '../fit.module.css';

const entries = <K extends string>(names: Record<K, string>) =>
  Object.entries(names) as unknown as readonly (readonly [K, string])[];

const sideNames: Record<Side, string> = { near: 'Near end', far: 'Far end' };
const cushionFields: Record<CushionKind, readonly string[]> = {
  rigid: ['stiffness'],
  foam: ['thickness', 'area', 'crush'],
  rubber: ['thickness', 'area'],
  spring: ['rate', 'stroke'],
};
const hardness = [
  [50, '50 Shore A'],
  [60, '60 Shore A'],
  [70, '70 Shore A'],
] as const;

/** Switch and stop of one end. */
function EndFold({ side, end, at }: { side: Side; end: AxisEnd; at: string }) {
  const { editor } = useMachine();
  const { cushion } = end;
  const pick = (field: keyof AxisEnd, label: string) => (value: string) =>
    editor.apply([{ path: `${at}.${field}`, value }], `${sideNames[side]}: ${label}`);
  const setCushion = (next: Cushion) =>
    editor.apply([{ path: `${at}.cushion`, value: next }], `${sideNames[side]}: cushion`);
  return (
    <Fold open className={styles.part} summary={sideNames[side]}>
      <Choice
        label="Switch"
        value={end.switch}
        options={entries(switchNames)}
        onPick={pick('switch', 'switch')}
      />
      {end.switch !== 'none' && (
        <>
          <Choice
            label="Wired"
            value={end.wired}
            options={entries(wiredNames)}
            onPick={pick('wired', 'wiring')}
          />
          <MachineField path={`${at}.over`} />
        </>
      )}
      <MachineField path={`${at}.trip`} />
      <MachineField path={`${at}.margin`} />
      <MachineField path={`${at}.crash`} />
      <Choice
        label="Meets"
        value={cushion.kind}
        options={entries(cushionNames)}
        onPick={(kind) => setCushion(startingCushion(kind))}
      />
      {cushionFields[cushion.kind].map((field) => (
        <MachineField key={`${cushion.kind} ${field}`} path={`${at}.cushion.${field}`} />
      ))}
      {cushion.kind === 'rubber' && (
        <Choice
          label="Hardness"
          value={cushion.hardness}
          options={hardness}
          onPick={(value) => setCushion({ ...cushion, hardness: value })}
        />
      )}
    </Fold>
  );
}

const homingAt = [
  ['none', 'nowhere'],
  ['near', 'near end'],
  ['far', 'far end'],
] as const;
const motors = [
  ['together', 'by one switch'],
  ['each', 'each by its own'],
] as const;
const cranks = [
  ['none', 'never'],
  ['crank', 'with a crank'],
  ['drill', 'with a drill'],
] as const;

/** How the axis ends and finds its zero. */
export function EndFields({ axis, index }: { axis: Axis; index: number }) {
  const { editor } = useMachine();
  const { ends, homing, crank } = axis.fit;
  const root = `axes.${index}.fit`;
  const pick = (path: string, label: string) => (value: string) =>
    editor.apply([{ path: `${root}.${path}`, value }], label);
  return (
    <>
      <EndFold side="near" end={ends.near} at={`${root}.ends.near`} />
      <EndFold side="far" end={ends.far} at={`${root}.ends.far`} />
      <Fold open className={styles.part} summary="Both ends">
        {['scatter', 'reaction', 'stopForce', 'read.stop', 'read.coast'].map((field) => (
          <MachineField key={field} path={`${root}.${field}`} />
        ))}
        <Choice
          label="Turned by hand"
          value={crank}
          options={cranks}
          onPick={pick('crank', 'Turned by hand')}
        />
      </Fold>
      <Fold open className={styles.part} summary="Homing">
        <Choice label="Homes at" value={homing.at} options={homingAt} onPick={pick('homing.at', 'Homing')} />
        {['speed', 'again', 'pullOff'].map((field) => (
          <MachineField key={field} path={`${root}.homing.${field}`} />
        ))}
        {axis.drive.sets === 2 && (
          <>
            <Choice
              label="Two motors"
              value={homing.motors}
              options={motors}
              onPick={pick('homing.motors', 'Homing of two motors')}
            />
            <MachineField path={`${root}.homing.skew`} />
          </>
        )}
      </Fold>
    </>
  );
}
