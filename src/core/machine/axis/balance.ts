import type { Axis, BalancePart } from '@/core/model';
import {
  balancedMass,
  balanceSum,
  counterweightFelt,
  counterweightPull,
  dragBeside,
  gasSpringPush,
  gravityForce,
} from '@/core/motion';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** The ends of the travel of an axis that lifts. */
export const balanceEnds = ['top', 'bottom'] as const;
export type BalanceEnd = (typeof balanceEnds)[number];

/** What holds an axis up at one end of its travel, and what is left to its drive; N. */
export interface BalanceAt {
  readonly push: Quantity<'force'>;
  /** Weight less push; below 0 the axis is pushed up. */
  readonly left: Quantity<'force'>;
  /** Key of the line of what is left. */
  readonly line: string;
}

/** An axis with all that balances it. */
export interface Balanced {
  readonly gravity: Quantity<'force'>;
  /** Mass that is sped up, with counterweights as the axis feels them, and where it comes from. */
  readonly mass: Quantity<'mass'>;
  readonly massSource: string;
  /** Null where nothing but a typed force balances it. */
  readonly ends: Readonly<Record<BalanceEnd, BalanceAt>> | null;
  /** The axis with that as one force, at the end where more is left to hold. */
  readonly axis: Axis;
}

/** Force of one part, its key and its sources. */
function pushOf(part: BalancePart, at: number, end: BalanceEnd, travel: number, sheet: Worksheet): number {
  const path = (field: string) => `loads.balance.${at}.${field}`;
  const count = part.count.si;
  if (part.kind === 'weight')
    return sheet.apply(
      counterweightPull,
      { mass: part.mass.si, roping: part.roping.si, count },
      `balance.${part.id}`,
      { mass: path('mass'), roping: path('roping'), count: path('count') },
    );
  const pressed = quantity('length', part.pressed.si + (end === 'top' ? 0 : travel));
  const { force, rise, stroke } = part;
  return sheet.apply(
    gasSpringPush,
    { force: force.si, rise: rise.si, stroke: stroke.si, pressed, count },
    `balance.${part.id}.${end}`,
    {
      force: path('force'),
      rise: path('rise'),
      stroke: path('stroke'),
      pressed: path('pressed'),
      count: path('count'),
    },
  );
}

/** What is left to hold at one end. */
function endOf(axis: Axis, moving: Quantity<'mass'>, end: BalanceEnd, sheet: Worksheet): BalanceAt {
  const { loads, demands } = axis;
  const sum = loads.balance.reduce((s, p, i) => s + pushOf(p, i, end, demands.travel.si, sheet), 0);
  const key = `balance.${end}`;
  const push = sheet.apply(
    balanceSum,
    { said: loads.counterbalance.si, parts: quantity('force', sum) },
    key,
    {
      said: 'loads.counterbalance',
    },
  );
  const line = `gravity.${end}`;
  const left = sheet.apply(
    gravityForce,
    { mass: moving, inclination: demands.inclination.si, counterbalance: push },
    line,
    { mass: 'loads.masses', inclination: 'demands.inclination', counterbalance: `#${key}` },
  );
  return { push, left, line };
}

/** Friction of all seals of gas springs, N. */
export const sealsOf = ({ loads: { balance } }: Axis): Quantity<'force'> =>
  quantity(
    'force',
    balance.reduce((s, p) => s + (p.kind === 'gas-spring' ? p.sealFriction.si * p.count.si : 0), 0),
  );

/** Mass that is sped up: what moves, and counterweights as they are felt. */
function feltOf(axis: Axis, moving: Quantity<'mass'>, sheet: Worksheet): Quantity<'mass'> {
  const felt = axis.loads.balance.reduce((sum, part, i) => {
    if (part.kind !== 'weight') return sum;
    const path = (field: string) => `loads.balance.${i}.${field}`;
    const inputs = { mass: part.mass.si, roping: part.roping.si, count: part.count.si };
    const sources = { mass: path('mass'), roping: path('roping'), count: path('count') };
    return sum + sheet.apply(counterweightFelt, inputs, `balance.${part.id}.felt`, sources);
  }, 0);
  return sheet.apply(balancedMass, { moving, counterweights: quantity('mass', felt) }, 'mass', {
    moving: 'loads.masses',
  });
}

/** Drag beside that of the guides, and where it comes from. */
export function besideGuides(axis: Axis, sheet: Worksheet) {
  const hung = axis.loads.otherDrag.si;
  const seals = sealsOf(axis);
  if (!seals) return { value: hung, source: 'loads.otherDrag' };
  const value = sheet.apply(dragBeside, { hung, seals }, 'drag.beside', { hung: 'loads.otherDrag' });
  return { value, source: '#drag.beside' };
}

/**
 * An axis with what balances it. The push of a gas spring changes over its stroke, so both ends of the travel
 * are looked at, and the one where more is left to hold counts.
 * @param moving mass of all bodies.
 */
export function balanced(axis: Axis, moving: Quantity<'mass'>, sheet: Worksheet): Balanced {
  const { loads, demands } = axis;
  const weighed = (counterbalance: Quantity<'force'>, source: string) =>
    sheet.apply(
      gravityForce,
      { mass: moving, inclination: demands.inclination.si, counterbalance },
      'gravity',
      { mass: 'loads.masses', inclination: 'demands.inclination', counterbalance: source },
    );
  if (!loads.balance.length) {
    const gravity = weighed(loads.counterbalance.si, 'loads.counterbalance');
    return { gravity, mass: moving, massSource: 'loads.masses', ends: null, axis };
  }
  const ends = {
    top: endOf(axis, moving, 'top', sheet),
    bottom: endOf(axis, moving, 'bottom', sheet),
  };
  const worse: BalanceEnd = Math.abs(ends.top.left) >= Math.abs(ends.bottom.left) ? 'top' : 'bottom';
  const { push } = ends[worse];
  return {
    gravity: weighed(push, `#balance.${worse}`),
    mass: feltOf(axis, moving, sheet),
    massSource: '#mass',
    ends,
    axis: { ...axis, loads: { ...loads, counterbalance: { ...loads.counterbalance, si: push } } },
  };
}
