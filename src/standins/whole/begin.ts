import type { SheetPlan } from '@/core/prove';
import { type Dice, diceOf } from '../seeds';
import type { MeshState, RailState, Sheets, WholeState } from './state';

/**
 * What can be wrong with a machine when it is put together; nought where nothing is. SI. Faults of drives go
 * by axis: `belt-slack:bed`, or `belt-slack` for all.
 */
export const wholeFaults = [
  /** Bow of rail A: in height, sideways. */
  'rail-a-bow',
  'rail-a-side',
  /** Rail B spreads over its length; and is bowed in height. */
  'rail-b-apart',
  'rail-b-bow',
  /** Bow of the cross rail, and what its second strays. */
  'cross-bow',
  'cross-b-apart',
  /** Twist of the frame, each corner. */
  'wind',
  /** Gantry out of square, rad. */
  'gantry-out',
  /** One end of the gantry low. */
  'roll',
  /** Plunge axis leans back or to the right, rad. */
  'nod',
  'lean',
  /** Spindle in its mount leans to the right or back, rad. */
  'tram-right',
  'tram-back',
  /** Table bowed before it is skimmed. */
  'table',
  /** Arm's root leans, rad. */
  'droop',
  /** Posts lean, rad; screws that lift are out of step. */
  'posts',
  'out-of-step',
  /** Far bearing of a screw off the rail's line. */
  'screw-off',
  /** Swing of a shaft behind its coupling. */
  'coupling-runout',
  /** Too much play of a mesh; its growth over the travel; wave of the pinion; jump at a joint. */
  'mesh-play',
  'mesh-slope',
  'pinion',
  'rack-joint',
  /** Share of a belt's or chain's pull that is missing. */
  'belt-slack',
  /** Straight edge bowed; square less than a right angle, rad. */
  'edge-bow',
  'square-out',
] as const;
export type WholeFault = (typeof wholeFaults)[number];
export type WholeFaults = Readonly<Partial<Record<WholeFault | `${WholeFault}:${string}`, number>>>;

/** Stations of a rail's own line. */
const STATIONS = 7;

/** Nothing is perfect: by this share of what is good enough everything strays anyhow. */
const ANYHOW = 0.15;
/** Good enough where nobody has said it, m. */
const USUAL_GOOD = 5e-5;

const bowed = (bow: number): number[] =>
  Array.from({ length: STATIONS }, (_, i) => {
    const t = i / (STATIONS - 1);
    return bow * 4 * t * (1 - t);
  });

interface Makes {
  readonly plans: Sheets;
  readonly faults: WholeFaults;
  readonly dice: (source: string) => Dice;
}

const even = (dice: Dice, size: number) => size * (2 * dice() - 1);
/** A fault of an axis: its own, or that of all. */
const ofAxis = (faults: WholeFaults, fault: WholeFault, axis: string | null): number =>
  faults[`${fault}:${axis ?? ''}`] ?? faults[fault] ?? 0;
const goodOf = (plan: SheetPlan | undefined) => plan?.good.value ?? USUAL_GOOD;

/** What a rail strays by its faults, over its length. */
function faultOf(key: string, faults: WholeFaults): number[] {
  const spread = (by: number) => bowed(0).map((_, i) => (by * i) / (STATIONS - 1));
  const f = faults;
  switch (key) {
    case 'rail-a/height':
      return bowed(f['rail-a-bow'] ?? 0);
    case 'rail-a/side':
      return bowed(f['rail-a-side'] ?? 0);
    case 'rail-b/height':
      return bowed(f['rail-b-bow'] ?? 0);
    case 'rail-b/side':
      return spread(f['rail-b-apart'] ?? 0);
    case 'cross/height':
    case 'cross/side':
      return bowed(f['cross-bow'] ?? 0);
    case 'cross-b/height':
    case 'cross-b/side':
      return spread(f['cross-b-apart'] ?? 0);
    default:
      return bowed(0);
  }
}

/** What a rail strays anyhow: its own, and on one bed with another what that one strays. */
function anyhow(plan: SheetPlan, { plans, dice }: Makes): number[] {
  const own = dice(`rail ${plan.key}`);
  const strays = bowed(0).map(() => even(own, ANYHOW * goodOf(plan)));
  const first = plan.kind === 'parallel' ? plans.get(plan.reference ?? '') : undefined;
  if (first?.kind !== 'straight') return strays;
  const shared = dice(`rail ${first.key}`);
  return strays.map((h) => h + even(shared, ANYHOW * goodOf(first)));
}

function railOf(plan: SheetPlan, makes: Makes): RailState {
  const strays = anyhow(plan, makes);
  return {
    length: plan.sizes.length ?? 1,
    stray: faultOf(plan.key, makes.faults).map((h, i) => h + strays[i]!),
    bolts: plan.bolts.map((b) => b.x),
    by: plan.bolts.map(() => 0),
  };
}

/** Of every axis that has such a sheet. */
const byAxis = <T>(plans: Sheets, kind: SheetPlan['kind'], make: (plan: SheetPlan) => T): Record<string, T> =>
  Object.fromEntries(
    [...plans.values()].flatMap((p) => (p.kind === kind && p.axis !== null ? [[p.axis, make(p)]] : [])),
  );

/** Play that is right for a mesh, m. */
const RIGHT_PLAY = 3.5e-5;

function meshOf(plan: SheetPlan, { faults, dice }: Makes): MeshState {
  const own = dice(`mesh ${plan.axis}`);
  const length = plan.places.at(-1)?.x ?? 1;
  return {
    play: RIGHT_PLAY + even(own, 4e-6) + ofAxis(faults, 'mesh-play', plan.axis),
    slope: ofAxis(faults, 'mesh-slope', plan.axis) / length,
    // The play of a mesh swings by what its pinion runs out.
    wave: 2e-6 + ofAxis(faults, 'pinion', plan.axis) * 2 * Math.tan(plan.sizes.pressure ?? 0.35),
    phase: 2 * Math.PI * own(),
    turn: plan.sizes.turn ?? 1,
    joint: ofAxis(faults, 'rack-joint', plan.axis),
    at: length * (0.3 + 0.4 * own()),
  };
}

/** Drives of all axes as they were put in. */
function drivesOf(makes: Makes) {
  const { plans, faults, dice } = makes;
  const share = (axis: string | null) => 1 - ofAxis(faults, 'belt-slack', axis);
  return {
    screws: byAxis(plans, 'screw', (p) => {
      const own = dice(`screw ${p.axis}`);
      const line = (off: number) => [0, off / 2 + even(own, 3e-6), off];
      const off = ofAxis(faults, 'screw-off', p.axis);
      return { up: line(off + even(own, 1e-5)), side: line(even(own, 1e-5) - 0.6 * off) };
    }),
    meshes: byAxis(plans, 'mesh', (p) => meshOf(p, makes)),
    belts: byAxis(plans, 'belt', (p) => {
      const own = dice(`belt ${p.axis}`);
      return p.places.map(() => (p.sizes.pull ?? 0) * share(p.axis) * (1 + even(own, 0.03)));
    }),
    chains: byAxis(plans, 'chain', (p) => {
      const own = dice(`chain ${p.axis}`);
      const right = 0.015 * (p.sizes.span ?? 1);
      return p.places.map(() => (right * (1 + even(own, 0.03))) / Math.max(0.2, share(p.axis)));
    }),
    runouts: byAxis(plans, 'runout', (p) => {
      const own = dice(`runout ${p.axis}`);
      const swing = 1e-5 + ofAxis(faults, 'coupling-runout', p.axis);
      return [swing + even(own, 4e-6), 1.2 * swing + even(own, 4e-6)];
    }),
  };
}

/**
 * A machine as its builder has put it together: nothing quite right, and some of it wrong.
 * @param seed of what strays anyhow.
 */
export function wholeOf(plans: readonly SheetPlan[], faults: WholeFaults, seed: number): WholeState {
  const by: Sheets = new Map(plans.map((p) => [p.key, p]));
  const makes: Makes = { plans: by, faults, dice: (source) => diceOf(seed, source) };
  const own = makes.dice('whole');
  const f = (fault: WholeFault) => faults[fault] ?? 0;
  const small = (key: string) => even(own, ANYHOW * goodOf(by.get(key)));
  const twist = f('wind') + small('frame');
  const rails = plans.filter((p) => p.kind === 'straight' || p.kind === 'parallel');
  const posts = by.get('posts/upright')?.bolts.length ?? 0;
  const lean = (key: string) => small(key);
  return {
    corners: [twist, -twist, twist, -twist],
    rails: Object.fromEntries(rails.map((p) => [p.key, railOf(p, makes)])),
    ends: [small('feet'), small('feet') + f('roll')],
    out: f('gantry-out') + small('square'),
    plunge: { right: f('lean') + lean('plunge'), back: f('nod') + lean('plunge') },
    spindle: { right: f('tram-right') + lean('tram'), back: f('tram-back') + lean('tram') },
    table: [0, 1, 2].flatMap((i) =>
      // Its corners lie on the frame; in between it is as flat as boards are.
      [0, 1, 2].map((j) => (i === 1 || j === 1 ? f('table') + small('table') : small('table') / 3)),
    ),
    skimmed: [],
    arm: { height: small('arm/droop'), tilt: f('droop'), sag: 0.3 * goodOf(by.get('arm/droop')) },
    posts: Array.from({ length: posts }, () => ({
      along: f('posts') * (2 * own() - 1),
      across: f('posts') * (2 * own() - 1),
    })),
    step: Array.from({ length: posts }, (_, i) => (i % 2 ? f('out-of-step') : 0) + small('posts/step')),
    gains: Array.from({ length: posts }, () => small('posts/step') / 2),
    ...drivesOf(makes),
    edge: f('edge-bow'),
    blade: f('square-out'),
  };
}
