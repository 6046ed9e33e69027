import { z } from 'zod';
import { bodies } from '../bodies/body';
import { material, section } from '../bodies/section';
import { id, input, list, maybe, name } from '../input';

const across = (above: number, max: number) => input('length', { above, max });
const offset = () => input('length', { min: -1, max: 1 });
const stiffness = () => input('stiffness', { above: 1e3, max: 1e11 });
const stiffnessIfKnown = () => maybe('stiffness', { above: 1e3, max: 1e11 });

/** A bar bolted on all along the beam. */
const strip = z.strictObject({
  id,
  name,
  material,
  width: across(0.001, 1),
  height: across(0.001, 1),
  up: offset(),
  out: offset(),
});

/** Beam, columns and bed; which of them there are follows from the arrangement. */
const structure = z.strictObject({
  beam: z.strictObject({
    section,
    material,
    length: across(0.05, 12),
    /** Hardened rails and plates that are bolted to it and count. */
    strips: list(strip, 8),
    /** What a hollow beam is filled with. */
    fill: material.nullable(),
    /** Distance of a second beam of the same make below the first; null: one beam. */
    spacing: maybe('length', { above: 0.02, max: 2 }),
  }),
  column: z.strictObject({ section, material, height: input('length', { min: 0, max: 4 }) }),
  /** Ties the feet of a portal that rides, below the bed; null: none. */
  crossbar: z.strictObject({ section, material }).nullable(),
  bed: z.strictObject({
    section,
    material,
    length: across(0.05, 30),
    supports: input('count', { min: 2, max: 40, whole: true }),
    supportStiffness: stiffness(),
  }),
  /** Turning stiffness of the corner between column and beam; null: not known, taken as rigid. */
  corner: maybe('torsionalStiffness', { above: 100, max: 1e10 }),
  prop: z.strictObject({ at: across(0.02, 12), stiffness: stiffness() }).nullable(),
  /** What the machine stands on; a machine whose feet are bolted down cannot tip. */
  feet: z.strictObject({
    held: z.enum(['free', 'bolted']),
    /** Between the outermost feet, along the bed and across it; null: under the ends of bed and beam. */
    along: maybe('length', { above: 0.05, max: 30 }),
    across: maybe('length', { above: 0.05, max: 12 }),
    /** From the feet up to the rails of the bed axis. */
    height: maybe('length', { min: 0, max: 3 }),
  }),
  tool: z.strictObject({
    /** From the middle of the beam to the tip of the tool: outward along the bed, and down, at full depth. */
    reach: input('length', { min: -2, max: 2 }),
    drop: input('length', { min: -1, max: 3 }),
    /** From the middle of the plunge axis's carriages to the tip at full depth. */
    lever: maybe('length', { min: 0, max: 2 }),
    /** Sideways at the tip, where it was measured; beats what follows from the carriages. */
    plungeStiffness: stiffnessIfKnown(),
    mountStiffness: stiffnessIfKnown(),
  }),
});

/** What the slice owns in the document: members, and bodies that stand still (members come on top). */
export const structureShape = { structure: structure.nullable(), stand: bodies };

export type Structure = z.infer<typeof structure>;
