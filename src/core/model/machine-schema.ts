import { z } from 'zod';
import { id, name } from './field-schema';
import type { FieldRule } from './measure';
import { fieldOf, material, maybeOf, section, sectionRules } from './section-schema';

const len = (above: number, max: number) => ({ kind: 'length', above, max }) as const satisfies FieldRule;
const room = { kind: 'length', above: 0, max: 100 } as const satisfies FieldRule;
const stiff = { kind: 'stiffness', above: 1e3, max: 1e11 } as const satisfies FieldRule;

/** Inputs of a body: what its mass is made of where it is not weighed. */
export const bodyRules = {
  mass: { kind: 'mass', above: 0, max: 20_000 },
  'shape.length': len(0.001, 20),
  'shape.width': len(0.0005, 10),
  'shape.thickness': len(0.0002, 1),
  'shape.count': { kind: 'count', min: 1, max: 200, whole: true },
  'shape.flange': len(0.01, 0.5),
  'shape.diameter': len(0.01, 0.5),
  'shape.lineMass': { kind: 'linearDensity', above: 0, max: 500 },
  ...(Object.fromEntries(
    Object.entries(sectionRules).map(([key, rule]) => [`shape.section.${key}`, rule]),
  ) as Record<string, FieldRule>),
} as const;

const b = {
  length: fieldOf(bodyRules['shape.length']),
  width: fieldOf(bodyRules['shape.width']),
  thickness: fieldOf(bodyRules['shape.thickness']),
  count: fieldOf(bodyRules['shape.count']),
};

export const shape = z.discriminatedUnion('kind', [
  /** Tube, bar, angle, extrusion or box, cut to a length. */
  z.strictObject({ kind: z.literal('member'), section, material, length: b.length, count: b.count }),
  z.strictObject({
    kind: z.literal('plate'),
    material,
    length: b.length,
    width: b.width,
    thickness: b.thickness,
    count: b.count,
  }),
  /** Square motor by its flange and the length of its body. */
  z.strictObject({
    kind: z.literal('motor'),
    flange: fieldOf(bodyRules['shape.flange']),
    length: b.length,
    count: b.count,
  }),
  z.strictObject({
    kind: z.literal('spindle'),
    diameter: fieldOf(bodyRules['shape.diameter']),
    length: b.length,
  }),
  /** Cable chain with what lies in it; half of it moves. */
  z.strictObject({
    kind: z.literal('cable-chain'),
    lineMass: fieldOf(bodyRules['shape.lineMass']),
    length: b.length,
  }),
]);

/** A body: weighed, or out of its shape. Where a shape is given the typed mass is not used. */
export const body = z.strictObject({ id, name, mass: fieldOf(bodyRules.mass), shape: shape.nullable() });

/** Inputs of a cut, of any kind. */
export const cutRules = {
  kc11: { kind: 'modulus', above: 1e5, max: 1e10 },
  exponent: { kind: 'ratio', min: 0, max: 0.6 },
  radial: { kind: 'ratio', min: 0, max: 2 },
  diameter: len(0.0005, 0.3),
  flutes: { kind: 'count', min: 1, max: 20, whole: true },
  spindle: { kind: 'angularSpeed', above: 1, max: 8000 },
  feed: { kind: 'speed', above: 0, max: 5 },
  depth: len(0.00001, 0.3),
  width: len(0.00001, 0.3),
  helix: { kind: 'angle', min: 0, max: 1.2 },
  plunge: { kind: 'speed', above: 0, max: 2 },
  corner: len(0, 10),
  drag: { kind: 'force', min: 0, max: 5000 },
  down: { kind: 'force', min: 0, max: 5000 },
} as const satisfies Record<string, FieldRule>;

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

const c = <N extends keyof typeof cutRules>(key: N) =>
  fieldOf(cutRules[key] as FieldRule<(typeof cutRules)[N]['kind']>);
const drawn = { id, name, stock: z.enum(stocks), feed: c('feed'), corner: maybeOf(cutRules.corner) };

export const cut = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('mill'),
    id,
    name,
    stock: z.enum(stocks),
    kc11: c('kc11'),
    exponent: c('exponent'),
    radial: c('radial'),
    diameter: c('diameter'),
    flutes: c('flutes'),
    spindle: c('spindle'),
    feed: c('feed'),
    depth: c('depth'),
    width: c('width'),
    way: z.enum(['climb', 'conventional']),
    helix: c('helix'),
    plunge: maybeOf(cutRules.plunge),
    corner: maybeOf(cutRules.corner),
  }),
  /** No force: speed, corners and the drag of hose and cable. */
  z.strictObject({ kind: z.literal('plasma'), ...drawn, drag: c('drag') }),
  /** Drag knife: force along the path, pressed down. */
  z.strictObject({ kind: z.literal('knife'), ...drawn, drag: c('drag'), down: c('down') }),
  /** Hot wire, foam blade, brush or pen. */
  z.strictObject({ kind: z.literal('light'), ...drawn, drag: c('drag'), down: c('down') }),
]);

export const works = ['router', 'plasma', 'knife', 'foam', 'pen', 'mixed'] as const;
export const arrangements = [
  'moving-gantry',
  'moving-table',
  'cantilever',
  'lifted-two',
  'lifted-four',
  'fixed-gantry',
] as const;

/** Inputs of the brief, by their path inside the machine. */
export const briefRules = {
  'brief.stock.length': room,
  'brief.stock.width': room,
  'brief.stock.thickness': { kind: 'length', min: 0, max: 5 },
  'brief.area.length': len(0, 30),
  'brief.area.width': len(0, 30),
  'brief.area.height': len(0, 5),
  'brief.accuracy': len(0, 0.01),
  'brief.place.length': room,
  'brief.place.width': room,
  'brief.place.bench': room,
  'brief.place.door': room,
  'brief.place.floorLoad': { kind: 'mass', above: 0, max: 100_000 },
  'brief.power': { kind: 'power', above: 0, max: 100_000 },
  'brief.spindle.power': { kind: 'power', above: 0, max: 50_000 },
  'brief.spindle.efficiency': { kind: 'ratio', above: 0.1, max: 1 },
  'brief.spindle.ratedSpeed': { kind: 'angularSpeed', above: 1, max: 8000 },
  /** How far the two long axes may be off square. */
  'brief.squareness': { kind: 'slope', min: 0, max: 0.02 },
} as const satisfies Record<string, FieldRule>;

const r = <N extends keyof typeof briefRules>(key: N) =>
  fieldOf(briefRules[key] as FieldRule<(typeof briefRules)[N]['kind']>);
const rn = <N extends keyof typeof briefRules>(key: N) =>
  maybeOf(briefRules[key] as FieldRule<(typeof briefRules)[N]['kind']>);

export const brief = z.strictObject({
  work: z.enum(works),
  arrangement: z.enum(arrangements),
  stock: z.strictObject({
    length: rn('brief.stock.length'),
    width: rn('brief.stock.width'),
    thickness: rn('brief.stock.thickness'),
  }),
  /** What the tool must reach: along the bed, across it, up. */
  area: z.strictObject({
    length: rn('brief.area.length'),
    width: rn('brief.area.width'),
    height: rn('brief.area.height'),
  }),
  accuracy: rn('brief.accuracy'),
  place: z.strictObject({
    length: rn('brief.place.length'),
    width: rn('brief.place.width'),
    bench: rn('brief.place.bench'),
    door: rn('brief.place.door'),
    floorLoad: rn('brief.place.floorLoad'),
  }),
  power: rn('brief.power'),
  /** In the money of the parts' example prices. */
  budget: z.number().min(0).max(1e7).nullable(),
  spindle: z
    .strictObject({
      power: r('brief.spindle.power'),
      efficiency: r('brief.spindle.efficiency'),
      ratedSpeed: r('brief.spindle.ratedSpeed'),
    })
    .nullable(),
  squareness: rn('brief.squareness'),
  cuts: z.array(cut).max(40),
});

/** Inputs of the structure, by their path inside the machine. */
export const structureRules = {
  'structure.beam.length': len(0.05, 12),
  'structure.beam.spacing': len(0.02, 2),
  'structure.column.height': { kind: 'length', min: 0, max: 4 },
  'structure.bed.length': len(0.05, 30),
  'structure.bed.supports': { kind: 'count', min: 2, max: 40, whole: true },
  'structure.bed.supportStiffness': stiff,
  'structure.corner': { kind: 'torsionalStiffness', above: 100, max: 1e10 },
  'structure.prop.at': len(0.02, 12),
  'structure.prop.stiffness': stiff,
  'structure.tool.reach': { kind: 'length', min: -2, max: 2 },
  'structure.tool.drop': { kind: 'length', min: -1, max: 3 },
  'structure.tool.lever': { kind: 'length', min: 0, max: 2 },
  'structure.tool.plungeStiffness': stiff,
  'structure.tool.mountStiffness': stiff,
} as const satisfies Record<string, FieldRule>;

const s = <N extends keyof typeof structureRules>(key: N) =>
  fieldOf(structureRules[key] as FieldRule<(typeof structureRules)[N]['kind']>);
const sn = <N extends keyof typeof structureRules>(key: N) =>
  maybeOf(structureRules[key] as FieldRule<(typeof structureRules)[N]['kind']>);

/** A bar bolted on all along the beam. */
export const stripRules = {
  width: len(0.001, 1),
  height: len(0.001, 1),
  up: { kind: 'length', min: -1, max: 1 },
  out: { kind: 'length', min: -1, max: 1 },
} as const satisfies Record<string, FieldRule>;
const strip = z.strictObject({
  id,
  name,
  material,
  width: fieldOf(stripRules.width),
  height: fieldOf(stripRules.height),
  up: fieldOf(stripRules.up),
  out: fieldOf(stripRules.out),
});

/** Beam, columns and bed; which of them there are follows from the arrangement. */
export const structure = z.strictObject({
  beam: z.strictObject({
    section,
    material,
    length: s('structure.beam.length'),
    /** Hardened rails and plates that are bolted to it and count. */
    strips: z.array(strip).max(8),
    /** What a hollow beam is filled with. */
    fill: material.nullable(),
    /** Distance of a second beam of the same make below the first; null: one beam. */
    spacing: sn('structure.beam.spacing'),
  }),
  column: z.strictObject({ section, material, height: s('structure.column.height') }),
  bed: z.strictObject({
    section,
    material,
    length: s('structure.bed.length'),
    supports: s('structure.bed.supports'),
    supportStiffness: s('structure.bed.supportStiffness'),
  }),
  /** Turning stiffness of the corner between column and beam; null: not known, taken as rigid. */
  corner: sn('structure.corner'),
  prop: z.strictObject({ at: s('structure.prop.at'), stiffness: s('structure.prop.stiffness') }).nullable(),
  tool: z.strictObject({
    /** From the middle of the beam to the tip of the tool: outward along the bed, and down, at full depth. */
    reach: s('structure.tool.reach'),
    drop: s('structure.tool.drop'),
    /** From the middle of the plunge axis's carriages to the tip at full depth. */
    lever: sn('structure.tool.lever'),
    /** Sideways at the tip, where it was measured; beats what follows from the carriages. */
    plungeStiffness: sn('structure.tool.plungeStiffness'),
    mountStiffness: sn('structure.tool.mountStiffness'),
  }),
});

const sectionAt = (prefix: string): Record<string, FieldRule> =>
  Object.fromEntries(Object.entries(sectionRules).map(([key, rule]) => [`${prefix}.section.${key}`, rule]));
const under = (prefix: string, rules: Record<string, FieldRule>): Record<string, FieldRule> =>
  Object.fromEntries(Object.entries(rules).map(([key, rule]) => [`${prefix}.${key}`, rule]));
const optional = <T extends Record<string, FieldRule>>(
  rules: T,
  ...keys: (keyof T)[]
): Record<string, FieldRule> =>
  Object.fromEntries(
    Object.entries(rules).map(([key, rule]) => [
      key,
      keys.includes(key) ? { ...rule, optional: true } : rule,
    ]),
  );

/**
 * Every measured input of the machine outside its axes, by the pattern of its path (`N` for a place in a
 * list).
 */
export const machineRules: Readonly<Record<string, FieldRule>> = {
  ...optional<Record<string, FieldRule>>(
    briefRules,
    ...Object.keys(briefRules).filter((k) => !k.startsWith('brief.spindle')),
  ),
  ...under('brief.cuts.N', optional<Record<string, FieldRule>>(cutRules, 'plunge', 'corner')),
  ...optional<Record<string, FieldRule>>(
    structureRules,
    'structure.beam.spacing',
    'structure.corner',
    'structure.tool.lever',
    'structure.tool.plungeStiffness',
    'structure.tool.mountStiffness',
  ),
  ...sectionAt('structure.beam'),
  ...sectionAt('structure.column'),
  ...sectionAt('structure.bed'),
  ...under('structure.beam.strips.N', stripRules),
  ...under('stand.N', bodyRules),
};

export type Body = z.infer<typeof body>;
export type Shape = z.infer<typeof shape>;
export type Cut = z.infer<typeof cut>;
export type MillCut = Extract<Cut, { kind: 'mill' }>;
export type Brief = z.infer<typeof brief>;
export type Structure = z.infer<typeof structure>;
export type Work = (typeof works)[number];
export type Arrangement = (typeof arrangements)[number];
export type StockKind = (typeof stocks)[number];
