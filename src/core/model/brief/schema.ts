import { z } from 'zod';
import { id, input, list, maybe, name } from '../input';
import { wishes } from './wishes';

/** What is cut, for chip load and specific force. */
export const stocks = [
  'foam',
  'softwood',
  'plywood',
  'hardwood',
  'plastic',
  'aluminium',
  'brass',
  'mild-steel',
  'sheet',
  'other',
] as const;

export const works = ['router', 'plasma', 'knife', 'foam', 'pen', 'mixed'] as const;
export const arrangements = [
  'moving-gantry',
  'moving-table',
  'cantilever',
  'lifted-two',
  'lifted-four',
  'fixed-gantry',
] as const;

export const spindleBelts = ['v-belt', 'ribbed', 'toothed'] as const;
export const spindleBearings = ['insert', 'deep-groove', 'angular-contact'] as const;

const push = () => input('force', { min: 0, max: 5000 });

/** What every cut has. */
const drawn = {
  id,
  name,
  stock: z.enum(stocks),
  feed: input('speed', { above: 0, max: 5 }),
  /** Radius of its tightest corner. */
  corner: maybe('length', { above: 0, max: 10 }),
};

export const cut = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('mill'),
    ...drawn,
    /** Specific cutting force at a chip of 1 mm, and how it falls with the chip (Kienzle). */
    kc11: input('modulus', { above: 1e5, max: 1e10 }),
    exponent: input('ratio', { min: 0, max: 0.6 }),
    /** Force across the edge over the force along it. */
    radial: input('ratio', { min: 0, max: 2 }),
    diameter: input('length', { above: 0.0005, max: 0.3 }),
    flutes: input('count', { min: 1, max: 20, whole: true }),
    spindle: input('angularSpeed', { above: 1, max: 8000 }),
    depth: input('length', { above: 0.00001, max: 0.3 }),
    width: input('length', { above: 0.00001, max: 0.3 }),
    way: z.enum(['climb', 'conventional']),
    helix: input('angle', { min: 0, max: 1.2 }),
    plunge: maybe('speed', { above: 0, max: 2 }),
  }),
  /** No force: speed, corners and the drag of hose and cable. */
  z.strictObject({ kind: z.literal('plasma'), ...drawn, drag: push() }),
  /** Drag knife: force along the path, pressed down. */
  z.strictObject({ kind: z.literal('knife'), ...drawn, drag: push(), down: push() }),
  /** Hot wire, foam blade, brush or pen. */
  z.strictObject({ kind: z.literal('light'), ...drawn, drag: push(), down: push() }),
]);

const pulley = () => input('length', { above: 0.005, max: 1 });

/** Belt between a motor and a spindle that stands in bearings of its own. */
const spindleBelt = z.strictObject({
  kind: z.enum(spindleBelts),
  /** Effective diameters. */
  motorPulley: pulley(),
  spindlePulley: pulley(),
  centre: input('length', { above: 0.01, max: 3 }),
  /** Of the belt that was bought; left out: the one that fits the centres. */
  beltLength: maybe('length', { above: 0.05, max: 10 }),
  efficiency: input('ratio', { above: 0.3, max: 1 }),
  /** Fastest that motor and inverter turn. */
  topSpeed: maybe('angularSpeed', { above: 1, max: 8000 }),
  bearing: z.enum(spindleBearings),
  /** Middle of bore and outside of the larger bearing of the spindle. */
  bearingDiameter: maybe('length', { above: 0.003, max: 0.5 }),
});

const room = () => maybe('length', { above: 0, max: 100 });
const reach = (max: number) => maybe('length', { above: 0, max });

export const brief = z.strictObject({
  work: z.enum(works),
  arrangement: z.enum(arrangements),
  stock: z.strictObject({ length: room(), width: room(), thickness: maybe('length', { min: 0, max: 5 }) }),
  /** What the tool must reach: along the bed, across it, up. */
  area: z.strictObject({ length: reach(30), width: reach(30), height: reach(5) }),
  accuracy: maybe('length', { above: 0, max: 0.01 }),
  place: z.strictObject({
    length: room(),
    width: room(),
    bench: room(),
    door: room(),
    floorLoad: maybe('mass', { above: 0, max: 100_000 }),
  }),
  power: maybe('power', { above: 0, max: 100_000 }),
  /** In the money of the parts' example prices. */
  budget: z.number().min(0).max(1e7).nullable(),
  spindle: z
    .strictObject({
      power: input('power', { above: 0, max: 50_000 }),
      efficiency: input('ratio', { above: 0.1, max: 1 }),
      /** Of the spindle, or of its motor where a belt lies between them. */
      ratedSpeed: input('angularSpeed', { above: 1, max: 8000 }),
      belt: spindleBelt.nullable(),
    })
    .nullable(),
  /** How far the two long axes may be off square. */
  squareness: maybe('slope', { min: 0, max: 0.02 }),
  cuts: list(cut, 40),
  /** What was answered at the start and stands nowhere else. */
  wishes,
});

/** What the slice owns in the document. */
export const briefShape = { brief };

export type Cut = z.infer<typeof cut>;
export type MillCut = Extract<Cut, { kind: 'mill' }>;
export type Brief = z.infer<typeof brief>;
export type Spindle = NonNullable<Brief['spindle']>;
export type SpindleBelt = NonNullable<Spindle['belt']>;
export type Work = (typeof works)[number];
export type Arrangement = (typeof arrangements)[number];
export type StockKind = (typeof stocks)[number];
