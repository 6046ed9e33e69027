import { type AxisReport, type SupplyGroup, suppliesOf } from '@/core/machine';
import { type Axis, isCranked, type Project, type WirePin } from '@/core/model';
import type { Need } from '../needs';
import { CLASS_LIMITS } from './classes';
import { type WireAdvice, wireFor } from './wire';

/** What a wire carries. */
export type Signal =
  | 'A+'
  | 'A-'
  | 'B+'
  | 'B-'
  | 'U'
  | 'V'
  | 'W'
  | 'earth'
  | 'plus'
  | 'minus'
  | 'step'
  | 'direction'
  | 'enable'
  | 'alarm'
  | 'brake'
  | 'switch'
  | 'encoder';

/** One wire of a connector. */
export interface Wire {
  /** `bed/motor-1 A+`. */
  readonly id: string;
  readonly signal: Signal;
  /** As it stands in the table, unless the builder says otherwise. */
  readonly pin: string;
  readonly said: WirePin | undefined;
}

/** A cable with its wires, from the cabinet to what it feeds. */
export interface Cable {
  readonly id: string;
  readonly axis: string;
  readonly what: 'motor' | 'signals' | 'switches';
  /** Which of several motors of an axis: from 1. */
  readonly number: number;
  readonly wires: readonly Wire[];
  /** One way, m; null: not known. */
  readonly length: number | null;
  /** Through a chain that bends: flexing cable. */
  readonly bends: boolean;
  /** A, where it feeds something; null: signals. */
  readonly current: number | null;
  readonly advice: WireAdvice | null;
}

/** A supply with what hangs on it. */
export interface SupplySheet {
  readonly axes: readonly string[];
  readonly voltage: number;
  /** A: out of the power that the axes draw, and by the rule of thumb from the phase currents of steppers. */
  readonly drawn: number;
  readonly thumb: number;
  readonly advice: WireAdvice;
}

/** What the controller has to give against what is asked. */
export interface Ports {
  readonly motors: number;
  readonly outputs: number;
  readonly inputs: number;
  readonly short: readonly ('outputs' | 'inputs' | 'axes')[];
}

export interface WiringSheet {
  readonly cables: readonly Cable[];
  readonly supplies: readonly SupplySheet[];
  readonly ports: Ports;
}

/** Current of a phase as a wire feels it, A. */
function phaseCurrent({ driver, motor, supply }: Axis, power: number): number {
  if (motor.kind !== 'stepper') return power / supply.voltage.si;
  return driver.setCurrent.si / (driver.marking === 'crest' ? Math.SQRT2 : 1);
}

const MOTOR_WIRES: Readonly<Record<Axis['motor']['kind'], readonly Signal[]>> = {
  stepper: ['A+', 'A-', 'B+', 'B-', 'earth'],
  servo: ['U', 'V', 'W', 'earth'],
  geared: ['plus', 'minus', 'earth'],
  hand: [],
};

const closedLoop = ({ motor }: Axis) =>
  motor.kind === 'servo' || (motor.kind === 'stepper' && motor.loop === 'closed');

/** What turns a geared motor is switched on and off, and round: it knows no steps. */
const isStepped = ({ motor }: Axis) => motor.kind === 'stepper' || motor.kind === 'servo';

function wiresOf(project: Project, cable: string, signals: readonly Signal[]): Wire[] {
  return signals.map((signal, i) => {
    const id = `${cable} ${signal}${signals.indexOf(signal) === i ? '' : ` ${i + 1}`}`;
    return { id, signal, pin: String(i + 1), said: project.wirePins.find((p) => p.wire === id) };
  });
}

const lengthOf = (needs: readonly Need[], key: string): number | null => {
  const each = needs.find((n) => n.key === key)?.params.each;
  return typeof each === 'number' && each > 0 ? each : null;
};

/** Switches of both ends of an axis, with one more for a motor that is squared by itself. */
function switchCount({ fit: { ends, homing }, drive }: Axis): number {
  return (['near', 'far'] as const).reduce((sum, side) => {
    if (ends[side].switch === 'none') return sum;
    return sum + (homing.at === side && homing.motors === 'each' ? drive.sets : 1);
  }, 0);
}

function axisCables(project: Project, axis: Axis, report: AxisReport, needs: readonly Need[]): Cable[] {
  const power = report.figures.find((f) => f.id === 'supply-power')?.value ?? 0;
  const current = phaseCurrent(axis, power / Math.max(1, axis.drive.sets));
  const length = lengthOf(needs, `${axis.id}/motor-cable`);
  const bends = axis.fit.cable.radius !== null;
  const motors = Array.from({ length: axis.drive.sets }, (_, i) => i + 1);
  const encoder: readonly Signal[] = closedLoop(axis) ? ['encoder'] : [];
  const steps: readonly Signal[] = isStepped(axis) ? ['step'] : [];
  const brake: readonly Signal[] = axis.role === 'plunge' ? ['brake'] : [];
  const count = switchCount(axis);
  const switches = Array.from({ length: count }, (): Signal => 'switch');
  return [
    ...motors.map((number): Cable => {
      const id = `${axis.id}/motor-${number}`;
      return {
        id,
        axis: axis.id,
        what: 'motor',
        number,
        wires: wiresOf(project, id, [...MOTOR_WIRES[axis.motor.kind], ...encoder]),
        length,
        bends,
        current,
        advice: wireFor(current, axis.supply.voltage.si, length),
      };
    }),
    ...motors.map((number): Cable => {
      const id = `${axis.id}/signals-${number}`;
      const alarm: readonly Signal[] = closedLoop(axis) ? ['alarm'] : [];
      return {
        id,
        axis: axis.id,
        what: 'signals',
        number,
        wires: wiresOf(project, id, [...steps, 'direction', 'enable', ...alarm, ...brake]),
        length: null,
        bends: false,
        current: null,
        advice: null,
      };
    }),
    ...(count
      ? [
          {
            id: `${axis.id}/switches`,
            axis: axis.id,
            what: 'switches' as const,
            number: 1,
            wires: wiresOf(project, `${axis.id}/switches`, switches),
            length: lengthOf(needs, `${axis.id}/switch-cable`),
            bends,
            current: null,
            advice: null,
          },
        ]
      : []),
  ];
}

/** Of the currents of all phases a supply for steppers gives so much; common practice, no source. */
const THUMB = 0.67;

function supplySheet({ axes, drawn }: SupplyGroup): SupplySheet {
  const voltage = axes[0]!.supply.voltage.si;
  const thumb = axes.reduce(
    (sum, a) => sum + (a.motor.kind === 'stepper' ? THUMB * phaseCurrent(a, 0) * a.drive.sets : 0),
    0,
  );
  const amperes = drawn / voltage;
  return {
    axes: axes.map((a) => a.id),
    voltage,
    drawn: amperes,
    thumb,
    // In the cabinet the way is short.
    advice: wireFor(Math.max(amperes, thumb), voltage, 1),
  };
}

function portsOf({ wiring, axes }: Project, cables: readonly Cable[]): Ports {
  const motors = axes.reduce((sum, a) => sum + (isStepped(a) ? a.drive.sets : 0), 0);
  const switched = axes.reduce((sum, a) => sum + (a.motor.kind === 'geared' ? a.drive.sets : 0), 0);
  const signals = cables.filter((c) => c.what === 'signals').flatMap((c) => c.wires);
  // One enable serves all that steps, a motor that is switched has its own; spindle and torch want one each.
  const outputs =
    signals.filter((w) => w.signal === 'step' || w.signal === 'direction').length + switched + 2;
  const alarms = signals.some((w) => w.signal === 'alarm') ? 1 : 0;
  const inputs = cables.filter((c) => c.what === 'switches').flatMap((c) => c.wires).length + alarms + 1;
  if (wiring.controller === '') return { motors, outputs, inputs, short: [] };
  const has = CLASS_LIMITS[wiring.controller];
  const short = [
    ...(has.outputs !== null && outputs > has.outputs ? (['outputs'] as const) : []),
    ...(has.inputs !== null && inputs > has.inputs ? (['inputs'] as const) : []),
    ...(has.axes !== null && motors > has.axes ? (['axes'] as const) : []),
  ];
  return { motors, outputs, inputs, short };
}

/** What is wired with what: by axis, supplies, what the controller has to give. Advice, never an order. */
export function wiringSheet(
  project: Project,
  reports: readonly AxisReport[],
  needs: readonly Need[],
): WiringSheet {
  const cables = project.axes.flatMap((a, i) =>
    isCranked(a) ? [] : axisCables(project, a, reports[i]!, needs),
  );
  return {
    cables,
    supplies: suppliesOf(project.axes, reports).map(supplySheet),
    ports: portsOf(project, cables),
  };
}
