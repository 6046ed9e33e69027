import { z } from 'zod';
import { id, list, text } from '../input';

/** How far an upgrade has come. */
export const upgradeStates = ['planned', 'done', 'left'] as const;
export type UpgradeState = (typeof upgradeStates)[number];

/** Kinds of figures by which an upgrade is measured. */
export const upgradeKinds = ['length', 'stiffness', 'speed', 'acceleration', 'frequency', 'force'] as const;
export type UpgradeKind = (typeof upgradeKinds)[number];

const figure = z.number().min(-1e15).max(1e15);

const reading = z.strictObject({
  /** SI. */
  value: figure,
  /** Half of the 95 % interval, SI. */
  half: z.number().min(0).max(1e15),
  at: z.iso.datetime(),
  /** Id of the record that it comes from; empty: typed by hand. */
  record: text(80),
});

/** What is read before and after, and what the plan foretold of it. */
const measure = z.strictObject({
  /** What it is: `lost-motion:bed`, `stiffness:x`; empty: the builder says. */
  what: text(80),
  kind: z.enum(upgradeKinds),
  better: z.enum(['less', 'more']),
  /** Foretold, SI; null: nobody foretold anything. */
  foretold: z.strictObject({ before: figure, after: figure }).nullable(),
});

const upgrade = z.strictObject({
  id,
  /** When it was written down. */
  at: z.iso.datetime(),
  name: text(160),
  /** Id of the axis; empty: the machine. */
  axis: text(64),
  /** Which change of the plan proposed it; empty: the builder's own. */
  code: text(80),
  state: z.enum(upgradeStates),
  /** When it was done; empty: not yet. */
  doneAt: z.union([z.iso.datetime(), z.literal('')]),
  /** In the builder's own money; null: not said. */
  money: z.number().min(0).max(1e7).nullable(),
  /** Minutes of work; null: not said. */
  minutes: z.number().min(0).max(1e6).nullable(),
  measure: measure.nullable(),
  before: reading.nullable(),
  after: reading.nullable(),
  note: text(2000),
});

export const upgradesShape = { upgrades: list(upgrade, 200) };

export type Upgrade = z.infer<typeof upgrade>;
export type UpgradeReading = z.infer<typeof reading>;
export type UpgradeMeasure = z.infer<typeof measure>;
