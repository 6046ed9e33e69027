import type { PracticeFault, PracticeLevel } from '@/core/model';

/** Where on a machine a fault sits: as much as the first hint tells. */
export const faultGroups = ['frame', 'gantry', 'head', 'drive', 'motor', 'electrics', 'measuring'] as const;
export type FaultGroup = (typeof faultGroups)[number];

interface FaultMade {
  readonly group: FaultGroup;
  /** Whether an axis has it, or the whole machine. */
  readonly of: 'axis' | 'machine';
  /** Put right by the moves of truing, or by another part or setting. */
  readonly mend: 'move' | 'part';
  /** By level, SI; of where parts lie at least so many times what is good enough, so that it matters. */
  readonly sizes: Readonly<Record<PracticeLevel, number>>;
  /** Sheets and trials that show it, without their axis; the first shows it best. */
  readonly shown: readonly string[];
}

const sized = (slight: number, plain: number, bad: number): FaultMade['sizes'] => ({ slight, plain, bad });
const UM = 1e-6;
const um = (slight: number, plain: number, bad: number) => sized(slight * UM, plain * UM, bad * UM);
const mrad = (slight: number, plain: number, bad: number) => sized(slight / 1e3, plain / 1e3, bad / 1e3);

const lies = (group: FaultGroup, sizes: FaultMade['sizes'], ...shown: string[]): FaultMade => ({
  group,
  of: 'machine',
  mend: 'move',
  sizes,
  shown,
});
const ofDrive = (
  sizes: FaultMade['sizes'],
  mend: FaultMade['mend'],
  shown: readonly string[],
  group: FaultGroup = 'drive',
): FaultMade => ({ group, of: 'axis', mend, sizes, shown });

/** Sizes by level and what shows each; from memory of the trade, no source. */
export const faultsMade: Readonly<Record<PracticeFault, FaultMade>> = {
  'rail-a-bow': lies('frame', um(20, 60, 200), 'rail-a/height'),
  'rail-a-side': lies('frame', um(20, 60, 200), 'rail-a/side'),
  'rail-b-apart': lies('frame', um(30, 100, 300), 'rail-b/side'),
  wind: lies('frame', um(100, 300, 1000), 'frame'),
  'gantry-out': lies('gantry', mrad(0.2, 0.6, 2), 'square', 'disc'),
  roll: lies('gantry', um(50, 200, 500), 'feet'),
  nod: lies('head', mrad(0.1, 0.3, 1), 'plunge'),
  'tram-right': lies('head', mrad(0.1, 0.3, 1), 'tram'),
  droop: lies('head', mrad(0.2, 0.6, 2), 'arm/droop'),
  posts: lies('gantry', mrad(0.3, 1, 3), 'posts/upright'),
  'out-of-step': lies('gantry', um(100, 300, 1000), 'posts/step'),
  'screw-off': ofDrive(um(80, 150, 400), 'move', ['screw']),
  'coupling-runout': ofDrive(um(20, 60, 200), 'move', ['runout']),
  'mesh-slope': ofDrive(um(60, 150, 400), 'part', ['mesh']),
  pinion: ofDrive(um(15, 40, 100), 'part', ['mesh', 'positioning']),
  'rack-joint': ofDrive(um(30, 100, 300), 'part', ['mesh', 'positioning']),
  'belt-slack': ofDrive(sized(0.25, 0.5, 0.8), 'move', ['belt', 'chain']),
  steps: ofDrive(sized(0.001, 0.005, 0.0254), 'part', ['steps', 'slow', 'positioning'], 'electrics'),
  'nut-play': ofDrive(um(20, 60, 200), 'part', ['links', 'push', 'steps', 'positioning']),
  'bearing-play': ofDrive(um(10, 30, 80), 'part', ['links', 'push', 'steps', 'positioning']),
  'grub-screw': ofDrive(um(60, 200, 600), 'part', ['stairs-acceleration', 'plan-speed']),
  lead: ofDrive(um(50, 150, 400), 'part', ['positioning', 'steps']),
  current: ofDrive(sized(0.71, 0.6, 0.5), 'part', ['stairs-acceleration', 'stairs-speed'], 'motor'),
  supply: ofDrive(sized(0.9, 0.8, 0.7), 'part', ['stairs-speed'], 'motor'),
  'late-direction': ofDrive(sized(1, 2, 4), 'part', ['reversal'], 'electrics'),
  'switch-scatter': ofDrive(um(10, 40, 150), 'part', ['homing'], 'electrics'),
  'wire-open': ofDrive(sized(1, 1, 1), 'part', ['switches'], 'electrics'),
  drift: ofDrive(um(20, 60, 150), 'part', ['warm-up']),
  compensation: ofDrive(um(20, 60, 150), 'part', ['steps', 'positioning'], 'electrics'),
  'sticky-indicator': {
    group: 'measuring',
    of: 'machine',
    mend: 'part',
    sizes: um(20, 40, 80),
    shown: [],
  },
  'square-out': {
    group: 'measuring',
    of: 'machine',
    mend: 'part',
    sizes: mrad(0.1, 0.2, 0.3),
    shown: ['square', 'plunge'],
  },
  'edge-bow': {
    group: 'measuring',
    of: 'machine',
    mend: 'part',
    sizes: um(20, 60, 150),
    shown: ['rail-a/height'],
  },
};

/** So many times what is good enough is off where parts lie, by level. */
export const BEYOND: Readonly<Record<PracticeLevel, number>> = { slight: 1.6, plain: 3, bad: 6 };
