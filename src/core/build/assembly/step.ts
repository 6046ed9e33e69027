import type { PartKind } from './part';

/** What is done in a step. */
export const stepKinds = [
  'trial-card',
  'trial-metal',
  'trial-drill',
  'trial-strip',
  'paint',
  'frame',
  'rail-a',
  'rail-b',
  'carriages',
  'columns',
  'beam',
  'crossbar',
  'plate',
  'rail-b-set',
  'square',
  'block-fixed',
  'screw',
  'nut-set',
  'float-set',
  'motor',
  'rack',
  'pinion',
  'mesh',
  'belt',
  'tension',
  'crank',
  'ends',
  'cable',
  'table',
  'spindle',
  'tram',
  'wire',
  'first-motion',
  'bellows',
  'own',
] as const;
export type StepKind = (typeof stepKinds)[number];

/** What is read at a step, to be kept with it. */
export const readingKinds = [
  'level',
  'straight',
  'drag',
  'diagonals',
  'turn',
  'mesh',
  'tone',
  'tram',
  'play',
] as const;
export type ReadingKind = (typeof readingKinds)[number];

/** What can hurt somebody or spoil a part at a step. */
export const stepCautions = [
  'balls-out',
  'nut-runs-off',
  'prop-beam',
  'plunge-falls',
  'two-people',
  'fingers',
  'paint-air',
  'live',
  'first-run',
  'chips',
] as const;
export type StepCaution = (typeof stepCautions)[number];

/** Ways in which builders find the place of a part; offered at the step. */
export const locateWays = [
  'spacers',
  'fence',
  'rail-as-jig',
  'gantry-sets',
  'pointed-rod',
  'print-glued',
  'through-both',
  'run-tighten',
  'cast',
] as const;
export type LocateWay = (typeof locateWays)[number];

/** A joint and how tight it is after a step. */
export interface Sets {
  readonly joint: string;
  readonly state: 'loose' | 'aligned' | 'snug' | 'run' | 'tight';
}

/** A step as it is proposed; nobody has said anything of it yet. */
export interface StepSeed {
  readonly id: string;
  readonly kind: StepKind;
  /** Id of the axis; empty: the machine. */
  readonly owner: string;
  /** Parts that it puts on. */
  readonly brings: readonly string[];
  readonly sets: readonly Sets[];
  readonly needs: readonly string[];
  readonly place: 'bench' | 'machine';
  readonly readings: readonly ReadingKind[];
  readonly cautions: readonly StepCaution[];
  readonly locate: readonly LocateWay[];
  /** Work, minutes, besides the screws. */
  readonly minutes: number;
  /** A wait after it that needs nobody, hours. */
  readonly wait: number;
  readonly people: number;
  /** Cannot be left half done. */
  readonly whole: boolean;
}

/** What it takes to write a step down. */
export type StepGiven = Pick<StepSeed, 'kind' | 'minutes'> & Partial<StepSeed>;

/** A step of an axis, or of the machine where no owner is given. */
export const seedOf = (given: StepGiven): StepSeed => ({
  id: given.owner ? `${given.owner}/${given.kind}` : given.kind,
  owner: '',
  brings: [],
  sets: [],
  needs: [],
  place: 'machine',
  readings: [],
  cautions: [],
  locate: [],
  wait: 0,
  people: 1,
  whole: false,
  ...given,
});

/** Kinds of parts that wear or are set anew, and how often; common practice, no source. */
export const servicedKinds: Partial<Record<PartKind, 'wears' | 'set' | 'both'>> = {
  nut: 'both',
  belt: 'both',
  pinion: 'both',
  coupling: 'set',
  'rail-b': 'set',
  'block-float': 'set',
  ends: 'both',
  spindle: 'both',
  bellows: 'wears',
};
