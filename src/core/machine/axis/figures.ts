import { isCranked } from '@/core/model';
import { belt, screw } from '@/core/drives';
import {
  CRANK_ARM,
  crankForce,
  dragAtMotor,
  moveTime,
  resolution,
  trainBackEfficiency,
  trainEfficiency,
  travelPerTurn,
} from '@/core/motion';
import { type Kind, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { Analysis } from './analysis';
import type { AxisChecked } from './checks';
import { brakingTorque, type DutyTorque, moveOf, powerOf } from './duty';
import type { TrainStiffness } from './train';

/** A figure worth knowing that is no check. */
export interface Figure {
  readonly id: string;
  readonly kind: Kind;
  readonly value: number;
  readonly line: string;
}

/** Kinds of the figures that drives give; the rest are ratios. */
const driveKinds: Record<string, Kind> = {
  'heat-growth': 'length',
  'lead-error': 'length',
  'lead-left': 'length',
  'screw-sag': 'length',
  life: 'length',
  'tooth-pitch': 'length',
  'mesh-per-tenth': 'length',
  'shaft-radial': 'force',
  'shaft-axial': 'force',
  'shaft-bending': 'torque',
  'once-per-turn': 'length',
  'belt-note': 'frequency',
  'pitch-diameter': 'length',
  'chain-sag': 'length',
  'crank-stroke': 'length',
  'crank-mean': 'speed',
  'crank-acceleration': 'acceleration',
  'side-thrust': 'force',
};

/** What a belt stage needs: its belt, the distance of its shafts, its tension as force and as note. */
function stageFigures({ axis, cases }: Analysis, sheet: Worksheet): Figure[] {
  const pulleys = axis.reducer?.pulleys;
  if (!pulleys) return [];
  const wheel = (which: 'motorTeeth' | 'driveTeeth') =>
    sheet.apply(
      belt.pulleyDiameter,
      { teeth: pulleys[which].si, pitch: pulleys.pitch.si },
      `stage.${which}`,
      { teeth: `reducer.pulleys.${which}`, pitch: 'reducer.pulleys.pitch' },
    );
  const [small, large] = [wheel('motorTeeth'), wheel('driveTeeth')];
  const length = sheet.apply(
    belt.loopLength,
    { centre: pulleys.centreDistance.si, small, large },
    'stage.length',
    { centre: 'reducer.pulleys.centreDistance', small: '#stage.motorTeeth', large: '#stage.driveTeeth' },
  );
  const beltTeeth = sheet.apply(belt.beltTeeth, { length, pitch: pulleys.pitch.si }, 'stage.teeth', {
    length: '#stage.length',
    pitch: 'reducer.pulleys.pitch',
  });
  const centre = sheet.apply(
    belt.centreForTeeth,
    { beltTeeth, pitch: pulleys.pitch.si, small, large },
    'stage.centre',
    {
      beltTeeth: '#stage.teeth',
      pitch: 'reducer.pulleys.pitch',
      small: '#stage.motorTeeth',
      large: '#stage.driveTeeth',
    },
  );
  const worse = cases.cut.torque > cases['speed-up'].torque ? cases.cut : cases['speed-up'];
  const tension = sheet.apply(belt.stageTension, { torque: worse.torque, diameter: small }, 'stage.tension', {
    torque: `#${worse.line}`,
    diameter: '#stage.motorTeeth',
  });
  const note = sheet.apply(
    belt.spanFrequency,
    { tension, lineMass: pulleys.lineMass.si, length: centre },
    'stage.note',
    { tension: '#stage.tension', lineMass: 'reducer.pulleys.lineMass', length: '#stage.centre' },
  );
  return [
    { id: 'stage-teeth', kind: 'count', value: beltTeeth, line: 'stage.teeth' },
    { id: 'stage-centre', kind: 'length', value: centre, line: 'stage.centre' },
    { id: 'stage-tension', kind: 'force', value: tension, line: 'stage.tension' },
    { id: 'stage-note', kind: 'frequency', value: note, line: 'stage.note' },
  ];
}

/**
 * What stands between motor and carriage, whatever the kind of drive: losses both ways, drag, inertia, a hand
 * at the shaft.
 */
function trainFigures(
  { axis, drive, gear, gravity, drag, share }: Analysis,
  checked: readonly AxisChecked[],
  sheet: Worksheet,
): Figure[] {
  const reducer = axis.reducer ? { reducerEfficiency: 'reducer.efficiency', ratio: 'reducer.ratio' } : {};
  const { reducerEfficiency, ratio } = gear;
  const load = checked.find((c) => c.code === 'inertia-ratio');
  return [
    ...(load
      ? [
          {
            id: 'inertia-at-motor',
            kind: 'inertia' as const,
            value: load.value * axis.motor.rotorInertia.si,
            line: 'inertia.load',
          },
        ]
      : []),
    {
      id: 'efficiency',
      kind: 'ratio',
      value: sheet.apply(
        trainEfficiency,
        { efficiency: drive.efficiency, reducerEfficiency },
        'train.efficiency',
        { efficiency: drive.efficiencySource, ...reducer },
      ),
      line: 'train.efficiency',
    },
    {
      id: 'back-efficiency',
      kind: 'ratio',
      value: sheet.apply(
        trainBackEfficiency,
        { backEfficiency: drive.backEfficiency, reducerEfficiency },
        'train.back-efficiency',
        { backEfficiency: '#drive.backEfficiency', ...reducer },
      ),
      line: 'train.back-efficiency',
    },
    {
      id: 'drag-at-motor',
      kind: 'torque',
      value: sheet.apply(dragAtMotor, { drag: drive.drag, ratio, reducerEfficiency }, 'train.drag', {
        drag: drive.dragSource,
        ...reducer,
      }),
      line: 'train.drag',
    },
    {
      id: 'crank-force',
      kind: 'force',
      value: sheet.apply(
        crankForce,
        {
          force: quantity('force', share * (drag + Math.abs(gravity))),
          k: drive.k,
          efficiency: drive.efficiency,
          drag: drive.drag,
          arm: axis.motor.kind === 'hand' ? axis.motor.radius.si : quantity('length', CRANK_ARM),
        },
        'train.crank',
        { force: '#drag', k: '#drive.k', efficiency: drive.efficiencySource, drag: drive.dragSource },
      ),
      line: 'train.crank',
    },
  ];
}

/** One turn of the drive, and how many the travel takes. */
function turnFigures({ axis, drive }: Analysis, sheet: Worksheet): Figure[] {
  const perTurn = sheet.apply(travelPerTurn, { k: drive.k }, 'travel-per-turn', { k: '#drive.k' });
  return [
    { id: 'travel-per-turn', kind: 'linearPerTurn', value: perTurn, line: 'travel-per-turn' },
    {
      id: 'turns',
      kind: 'revolutions',
      value: sheet.apply(screw.turns, { distance: axis.demands.travel.si, lead: perTurn }, 'turns', {
        distance: 'demands.travel',
        lead: '#travel-per-turn',
      }),
      line: 'turns',
    },
  ];
}

/** The least way that can be asked for: a pulse or a line of the dial; a crank only swings. */
function stepFigures({ axis, pulsesPerLength, drive }: Analysis, sheet: Worksheet): Figure[] {
  if (drive.swing) return [];
  const value = sheet.apply(resolution, { perLength: pulsesPerLength }, 'resolution', {
    perLength: '#pulsesPerLength',
  });
  const least = { kind: 'length', value, line: 'resolution' } as const;
  if (isCranked(axis)) return [{ ...least, id: 'dial-line' }];
  const pulses = { id: 'pulses-per-length', kind: 'pulsesPerLength', value: pulsesPerLength } as const;
  return [
    { ...pulses, line: 'pulsesPerLength' },
    { ...least, id: 'resolution' },
  ];
}

/** What goes through the supply of a motor. */
const electricFigures = ({ motor }: Analysis, { heat, drawn }: ReturnType<typeof powerOf>): Figure[] => [
  {
    id: motor.continuous ? 'rated-heat' : 'winding-heat',
    kind: 'power',
    value: heat.power,
    line: heat.source.slice(1),
  },
  { id: 'supply-power', kind: 'power', value: drawn, line: 'supply-power' },
];

/** Figures of one axis in the order in which they are shown. */
export function figuresOf(
  analysis: Analysis,
  checked: readonly AxisChecked[],
  stiffness: TrainStiffness,
  duty: DutyTorque,
  sheet: Worksheet,
): Figure[] {
  const { axis, drive, guide } = analysis;
  const cranked = isCranked(axis);
  const { move, sources } = moveOf(axis, axis.demands.travel.si, 'demands.travel', 'rapid');
  const time = drive.swing
    ? drive.swing.time(axis.demands.rapid.si, sheet)
    : sheet.apply(moveTime, move, 'move-time', sources);
  const ratio = checked.find((c) => c.code === 'inertia-ratio');
  const ring = checked.find((c) => c.code === 'ramp-rings');
  const power = powerOf(analysis, sheet);
  const most = stiffness.missing.length ? '-at-most' : '';
  return [
    ...(drive.swing ? [] : turnFigures(analysis, sheet)),
    ...stepFigures(analysis, sheet),
    ...(ratio
      ? [{ id: 'inertia-ratio', kind: 'ratio' as const, value: ratio.value, line: ratio.line! }]
      : []),
    { id: `stiffness${most}`, kind: 'stiffness', value: stiffness.value, line: stiffness.line },
    ...(ring
      ? [
          {
            id: `frequency${most}`,
            kind: 'frequency' as const,
            value: Number(ring.params.frequency),
            line: 'natural-frequency',
          },
          { id: 'shortest-ramp', kind: 'time' as const, value: ring.limit, line: 'ramp-time' },
        ]
      : []),
    ...trainFigures(analysis, checked, sheet),
    ...drive
      .figures(sheet)
      .map(({ id, value, line }): Figure => ({ id, kind: driveKinds[id] ?? 'ratio', value, line })),
    ...stageFigures(analysis, sheet),
    ...guide.figures(stiffness.value, time, sheet),
    { id: 'move-time', kind: 'time', value: time, line: 'move-time' },
    { id: 'brake-torque', kind: 'torque', value: brakingTorque(analysis, sheet), line: 'torque.brake' },
    {
      id: axis.duty.length ? 'duty-torque' : 'shuttle-torque',
      kind: 'torque',
      value: duty.rms,
      line: duty.line,
    },
    { id: 'peak-power', kind: 'power', value: power.mechanical, line: 'peak-power' },
    ...(cranked ? [] : electricFigures(analysis, power)),
  ];
}
