import { z } from 'zod';
import type { Kind } from '@/core/units';
import { type FieldRule, type Measure, measureSchema } from './measure';

/** A measured input with its own rule: for parts of the machine that stand in more than one place. */
export const fieldOf = <K extends Kind>(rule: FieldRule<K>): z.ZodType<Measure<K>> => measureSchema(rule);
export const maybeOf = <K extends Kind>(rule: FieldRule<K>): z.ZodType<Measure<K> | null> =>
  measureSchema(rule).nullable();

const size = { kind: 'length', above: 0.001, max: 2 } as const satisfies FieldRule;
const thin = { kind: 'length', above: 0.0002, max: 0.2 } as const satisfies FieldRule;

/** Inputs of a cross-section. Height stands upright (or away from the rails), width lies. */
export const sectionRules = {
  height: size,
  width: size,
  wall: thin,
  diameter: size,
  flange: thin,
  web: thin,
  thickness: thin,
  area: { kind: 'area', above: 1e-7, max: 1 },
  secondMomentV: { kind: 'secondMoment', above: 1e-13, max: 1 },
  secondMomentL: { kind: 'secondMoment', above: 1e-13, max: 1 },
  torsion: { kind: 'secondMoment', above: 1e-14, max: 1 },
} as const satisfies Record<string, FieldRule>;

const f = <N extends keyof typeof sectionRules>(name: N) =>
  fieldOf(sectionRules[name] as FieldRule<(typeof sectionRules)[N]['kind']>);

/**
 * Hollow sections by how they are made: their corners differ (EN 10219 cold formed, EN 10210 hot finished,
 * sharp when welded of plates).
 */
export const tubeMakings = ['cold', 'hot', 'sharp'] as const;

export const section = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('rect-tube'),
    height: f('height'),
    width: f('width'),
    wall: f('wall'),
    making: z.enum(tubeMakings),
  }),
  z.strictObject({ kind: z.literal('round-tube'), diameter: f('diameter'), wall: f('wall') }),
  z.strictObject({ kind: z.literal('bar'), height: f('height'), width: f('width') }),
  z.strictObject({ kind: z.literal('round'), diameter: f('diameter') }),
  z.strictObject({
    kind: z.literal('angle'),
    height: f('height'),
    width: f('width'),
    thickness: f('thickness'),
  }),
  /** Four plates: two flanges of the full width, two webs between them. */
  z.strictObject({
    kind: z.literal('plate-box'),
    height: f('height'),
    width: f('width'),
    flange: f('flange'),
    web: f('web'),
  }),
  /** Slotted extrusion by the figures of its datasheet. */
  z.strictObject({
    kind: z.literal('extrusion'),
    height: f('height'),
    width: f('width'),
    area: f('area'),
    secondMomentV: f('secondMomentV'),
    secondMomentL: f('secondMomentL'),
    torsion: f('torsion'),
  }),
]);

export type Section = z.infer<typeof section>;
export type SectionKind = Section['kind'];
export const sectionKinds = [
  'rect-tube',
  'round-tube',
  'bar',
  'round',
  'angle',
  'plate-box',
  'extrusion',
] as const satisfies readonly SectionKind[];

/** Materials of bodies and members. */
export const materialIds = [
  'steel',
  'aluminium',
  'cast-iron',
  'polymer-concrete',
  'birch-plywood',
  'maple',
  'petg',
  'pla',
] as const;
export type MaterialId = (typeof materialIds)[number];
export const material = z.enum(materialIds);
