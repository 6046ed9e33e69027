import type { Axis, Drive, DriveKind } from '@/core/model';
import { formatNumber, type UnitSystem } from '@/core/units';
import { each, type LinkChoice, type LinkSpec, q } from './link';
import { driveGroups } from './train-drive-fields';

type Line = Exclude<Drive, { kind: 'screw' | 'crank' }>;

const forms: Record<string, string> = { acme: 'Acme', trapezoidal: 'trapezoidal', square: 'square' };

const driveNames: Record<DriveKind, string> = {
  screw: 'Screw',
  rack: 'Rack',
  belt: 'Belt',
  chain: 'Chain',
  crank: 'Crank and link',
};

function driveSummary(axis: Axis, s: UnitSystem): string {
  const { drive } = axis;
  switch (drive.kind) {
    case 'screw':
      return (
        `${drive.thread.kind === 'ball' ? 'ball' : forms[drive.thread.form]} ` +
        `${q(axis, 'drive.nominalDiameter', 'length', s)}, lead ${q(axis, 'drive.lead', 'linearPerTurn', s)}`
      );
    case 'rack':
      return (
        `module ${formatNumber(drive.module.si * 1000, 3)}${drive.helixAngle.si > 0 ? ' helical' : ''}, ` +
        `${drive.teeth.si} teeth`
      );
    case 'belt':
      return (
        `${drive.arrangement === 'loop' ? 'loop' : 'open'}, ${q(axis, 'drive.pitch', 'length', s)} ` +
        `pitch, ${drive.teeth.si} teeth`
      );
    case 'chain':
      return `${q(axis, 'drive.pitch', 'length', s, 4)} pitch, ${drive.teeth.si} teeth`;
    case 'crank':
      return `${q(axis, 'drive.crankRadius', 'length', s)}, link ${q(axis, 'drive.linkLength', 'length', s)}`;
  }
}

const kind: LinkChoice = {
  path: 'drive.kind',
  label: 'Kind',
  options: [
    ['screw', 'screw'],
    ['rack', 'rack and pinion'],
    ['belt', 'toothed belt'],
    ['chain', 'roller chain'],
    ['crank', 'crank and link'],
  ],
};

const howMany = (one: string): LinkChoice => ({
  path: 'drive.sets',
  label: 'How many',
  options: [
    [1, one],
    [2, 'one each side'],
  ],
});

const turning: LinkChoice = {
  path: 'drive.turning',
  label: 'What turns',
  options: [
    ['screw', 'the screw'],
    ['nut', 'the nut'],
  ],
};

const thread: LinkChoice = {
  path: 'drive.thread.kind',
  label: 'Thread',
  options: [
    ['ball', 'ball'],
    ['sliding', 'sliding'],
  ],
};

const ballChoices: readonly LinkChoice[] = [
  {
    path: 'drive.thread.making',
    label: 'Made',
    options: [
      ['rolled', 'rolled'],
      ['ground', 'ground'],
    ],
  },
  {
    path: 'drive.thread.accuracyClass',
    label: 'Class',
    options: (['T3', 'T5', 'T7', 'T10'] as const).map((c) => [c, c] as const),
  },
];

const slidingChoices: readonly LinkChoice[] = [
  {
    path: 'drive.thread.form',
    label: 'Form',
    options: [
      ['trapezoidal', 'trapezoidal'],
      ['acme', 'Acme'],
      ['square', 'square'],
      ['vee', 'V, 60°'],
    ],
  },
  {
    path: 'drive.thread.nutMaterial',
    label: 'Nut of',
    options: [
      ['bronze', 'bronze'],
      ['plastic', 'plastic'],
      ['printed', 'printed plastic'],
    ],
  },
  {
    path: 'drive.thread.nut',
    label: 'Nut',
    options: [
      ['plain', 'plain'],
      ['compensated', 'wear-compensated'],
    ],
  },
];

const crossShaft = (drive: Line): LinkChoice => ({
  path: 'drive.crossShaft',
  label: 'Both sides',
  options: [
    ['none', 'no shaft across'],
    ['shaft', 'shaft to both sides'],
  ],
  now: drive.crossShaft ? 'shaft' : 'none',
});

const lineChoice: Record<Line['kind'], LinkChoice> = {
  rack: {
    path: 'drive.mesh',
    label: 'Mesh',
    options: [
      ['fixed', 'fixed'],
      ['sprung', 'sprung'],
    ],
  },
  belt: {
    path: 'drive.arrangement',
    label: 'Belt',
    options: [
      ['loop', 'loop, motor stands'],
      ['open', 'open, motor rides'],
    ],
  },
  chain: {
    path: 'drive.laid',
    label: 'Chain lies',
    options: [
      ['free', 'free'],
      ['tray', 'in a tray'],
    ],
  },
};

function driveChoices({ drive }: Axis): readonly LinkChoice[] {
  if (drive.kind === 'crank') return [kind];
  if (drive.kind !== 'screw') return [kind, howMany('one motor'), crossShaft(drive), lineChoice[drive.kind]];
  const nut = drive.thread.kind === 'ball' ? ballChoices : slidingChoices;
  return [kind, howMany('one screw'), turning, thread, ...nut];
}

/** What turns a turn into travel. */
export const driveLink: LinkSpec = {
  id: 'drive',
  title: (a) => `${driveNames[a.drive.kind]}${each(a)}`,
  summary: driveSummary,
  choices: driveChoices,
  groups: driveGroups,
};
