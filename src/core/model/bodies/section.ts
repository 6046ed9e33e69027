import { z } from 'zod';
import { input } from '../input';

const size = () => input('length', { above: 0.001, max: 2 });
const thin = () => input('length', { above: 0.0002, max: 0.2 });
const moment = () => input('secondMoment', { above: 1e-13, max: 1 });

/**
 * Hollow sections by how they are made: their corners differ (EN 10219 cold formed, EN 10210 hot finished,
 * sharp when welded of plates).
 */
export const tubeMakings = ['cold', 'hot', 'sharp'] as const;

/** A cross-section. Height stands upright (or away from the rails), width lies. */
export const section = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('rect-tube'),
    height: size(),
    width: size(),
    wall: thin(),
    making: z.enum(tubeMakings),
  }),
  z.strictObject({ kind: z.literal('round-tube'), diameter: size(), wall: thin() }),
  z.strictObject({ kind: z.literal('bar'), height: size(), width: size() }),
  z.strictObject({ kind: z.literal('round'), diameter: size() }),
  z.strictObject({ kind: z.literal('angle'), height: size(), width: size(), thickness: thin() }),
  /** Four plates: two flanges of the full width, two webs between them. */
  z.strictObject({
    kind: z.literal('plate-box'),
    height: size(),
    width: size(),
    flange: thin(),
    web: thin(),
  }),
  /** Slotted extrusion by the figures of its datasheet. */
  z.strictObject({
    kind: z.literal('extrusion'),
    height: size(),
    width: size(),
    area: input('area', { above: 1e-7, max: 1 }),
    secondMomentV: moment(),
    secondMomentL: moment(),
    torsion: input('secondMoment', { above: 1e-14, max: 1 }),
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
