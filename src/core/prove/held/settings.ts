import { analyse } from '@/core/machine';
import { type Axis, isPositioned, type Project } from '@/core/model';
import type { Kind } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { type Trials, type TrialState } from '../trial';

/** What a controller is told, by name. */
export type SettingId =
  | 'steps'
  | 'top-speed'
  | 'acceleration'
  | 'travel'
  | 'direction'
  | 'home-direction'
  | 'seek'
  | 'slow'
  | 'pull-off'
  | 'soft-limits'
  | 'hold-current'
  | 'pull-off-2'
  | 'junction'
  | 'idle'
  | 'report'
  | 'spindle';

/** One setting with its number; SI. */
export interface Setting {
  readonly number: number;
  readonly id: SettingId;
  /** Letter of the axis; empty: of the whole controller. */
  readonly letter: string;
  readonly kind: Kind | 'word';
  /** Null: nobody has said. */
  readonly value: number | string | null;
  /** Where it comes from. */
  readonly from: 'plan' | 'measured' | 'usual' | 'unsaid';
}

/** Names in the order of their numbers, from 1, after the hundred of the axis. */
const order = [
  'steps',
  'top-speed',
  'acceleration',
  'travel',
  'direction',
  'home-direction',
  'seek',
  'slow',
  'pull-off',
  'soft-limits',
  'hold-current',
  'pull-off-2',
] as const;

/** Share of the current at rest; a plunge must hold its load (common practice, no source). */
const IDLE = 0.5;

const figureOf = ({ trials }: Trials, key: string, id: string) => {
  const state: TrialState | undefined = trials.find((t) => t.plan.key === key);
  if (!state?.last || state.standing === 'stale') return null;
  return state.last.result.figures.find((f) => f.id === id) ?? null;
};

/** Steps per unit: as planned, corrected by what was measured and not yet taken into the plan. */
function stepsOf(axis: Axis, trials: Trials): Pick<Setting, 'value' | 'from'> {
  const planned = analyse(axis, silentWorksheet).pulsesPerLength;
  const off = figureOf(trials, `steps:${axis.id}`, 'scale-off');
  const sure = off && off.expanded !== null && Math.abs(off.value) > off.expanded;
  return sure ? { value: planned / (1 + off.value), from: 'measured' } : { value: planned, from: 'plan' };
}

/** What was kept of the staircase, where it is less than what is asked. */
function keptOf(axis: Axis, trials: Trials, of: 'stairs-speed' | 'stairs-acceleration', asked: number) {
  const { trials: all } = trials;
  const note = all
    .find((t) => t.plan.key === `${of}:${axis.id}` && t.standing !== 'stale')
    ?.last?.result.notes.find((n) => n.code === 'keep-speed');
  const kept = note ? Number(note.values.kept) : Infinity;
  return kept < asked
    ? ({ value: kept, from: 'measured' } as const)
    : ({ value: asked, from: 'plan' } as const);
}

type Made = Pick<Setting, 'kind' | 'value' | 'from'>;

const said = (kind: Kind, value: number | null | undefined): Made => ({
  kind,
  value: value ?? null,
  from: value === null || value === undefined ? 'unsaid' : 'plan',
});

/** A side that leads is drawn back: less off at the low end, more at the high one. */
function secondPullOff(off: number | null, at: string, leads: number | null): Made {
  if (off === null || leads === null) return said('length', off);
  return { kind: 'length', value: at === 'near' ? off - leads : off + leads, from: 'measured' };
}

function axisSettings(axis: Axis, trials: Trials): Readonly<Record<(typeof order)[number], Made>> {
  const { demands, fit, drive } = axis;
  const { homing } = fit;
  const homes = homing.at !== 'none';
  const apart = figureOf(trials, `both-motors:${axis.id}`, 'apart');
  const falls = demands.inclination.si > 0;
  return {
    steps: { kind: 'pulsesPerLength', ...stepsOf(axis, trials) },
    'top-speed': { kind: 'speed', ...keptOf(axis, trials, 'stairs-speed', demands.rapid.si) },
    acceleration: {
      kind: 'acceleration',
      ...keptOf(axis, trials, 'stairs-acceleration', demands.acceleration.si),
    },
    travel: said('length', demands.travel.si),
    direction: { kind: 'word', value: null, from: 'unsaid' },
    'home-direction': {
      kind: 'word',
      value: homes ? (homing.at === 'near' ? 'minus' : 'plus') : null,
      from: homes ? 'plan' : 'unsaid',
    },
    seek: said('speed', homing.speed?.si),
    slow: said('speed', homing.again?.si),
    'pull-off': said('length', homing.pullOff?.si),
    'soft-limits': { kind: 'word', value: homes ? 'on' : 'off', from: homes ? 'plan' : 'usual' },
    'hold-current': { kind: 'ratio', value: falls ? 1 : IDLE, from: 'usual' },
    'pull-off-2':
      drive.sets === 2 && homing.motors === 'each'
        ? secondPullOff(homing.pullOff?.si ?? null, homing.at, apart?.value ?? null)
        : { kind: 'word', value: 'none', from: 'plan' },
  };
}

/** How far a corner may be cut, m, time at rest before current falls, and between reports, s; practice. */
const WHOLE = { junction: 0.02e-3, idle: 1, report: 0.1 } as const;

/** The controller’s settings by number: a hundred for each axis, and what is of the whole from 401 on. */
export function settingsOf(project: Project, trials: Trials): readonly Setting[] {
  const axes = project.axes
    .filter((a) => isPositioned(a))
    .flatMap((axis, i) => {
      const made = axisSettings(axis, trials);
      return order.map((id, k): Setting => ({
        number: 100 * (i + 1) + k + 1,
        id,
        letter: axis.letter.toUpperCase(),
        ...made[id],
      }));
    });
  const whole = Math.max(4, project.axes.length + 1) * 100;
  const spins = project.brief.cuts.flatMap((c) => (c.kind === 'mill' ? [c.spindle.si] : []));
  const usual = (id: SettingId, k: number, kind: Kind, value: number): Setting => ({
    number: whole + k,
    id,
    letter: '',
    kind,
    value,
    from: 'usual',
  });
  return [
    ...axes,
    usual('junction', 1, 'length', WHOLE.junction),
    usual('idle', 2, 'time', WHOLE.idle),
    usual('report', 3, 'time', WHOLE.report),
    {
      number: whole + 4,
      id: 'spindle',
      letter: '',
      ...said('angularSpeed', spins.length ? Math.max(...spins) : null),
    },
  ];
}
