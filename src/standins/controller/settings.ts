/** Axes of the stand-in. */
export const axisLetters = ['x', 'y', 'z'] as const;
export type AxisLetter = (typeof axisLetters)[number];

/** What an axis is told, in the order of its numbers; mm, mm/min, mm/s². */
export const axisSettings = [
  'steps',
  'vmax',
  'amax',
  'travel',
  'dir',
  'home-dir',
  'seek',
  'slow',
  'off',
  'soft',
  'hold-current',
  'pull-off-2',
] as const;
type AxisSetting = (typeof axisSettings)[number];

/** What the controller is told as a whole, from 401 on: mm, ms, ms, turns a minute. */
export const wholeSettings = ['junction', 'idle', 'report', 'spin'] as const;

interface Bounds {
  readonly usual: number;
  readonly least: number;
  readonly most: number;
}

const axisBounds: Readonly<Record<AxisSetting, Bounds>> = {
  steps: { usual: 100, least: 1, most: 100_000 },
  vmax: { usual: 6000, least: 1, most: 300_000 },
  amax: { usual: 500, least: 1, most: 100_000 },
  travel: { usual: 500, least: 1, most: 30_000 },
  dir: { usual: 1, least: -1, most: 1 },
  'home-dir': { usual: -1, least: -1, most: 1 },
  seek: { usual: 1000, least: 1, most: 60_000 },
  slow: { usual: 100, least: 1, most: 10_000 },
  off: { usual: 3, least: 0, most: 500 },
  soft: { usual: 1, least: 0, most: 1 },
  'hold-current': { usual: 0.5, least: 0, most: 1 },
  'pull-off-2': { usual: 0, least: -500, most: 500 },
};
const wholeBounds: Readonly<Record<(typeof wholeSettings)[number], Bounds>> = {
  junction: { usual: 0.02, least: 0, most: 10 },
  idle: { usual: 1000, least: 0, most: 60_000 },
  report: { usual: 100, least: 10, most: 10_000 },
  spin: { usual: 24_000, least: 0, most: 100_000 },
};
const WHOLE = 400;

/** Numbers of all settings with what they may be. */
const bounds: ReadonlyMap<number, Bounds> = new Map([
  ...axisLetters.flatMap((_, i) =>
    axisSettings.map((name, k) => [100 * (i + 1) + k + 1, axisBounds[name]] as const),
  ),
  ...wholeSettings.map((name, k) => [WHOLE + k + 1, wholeBounds[name]] as const),
]);

/** Settings by number, kept within what each may be. */
export interface Settings {
  readonly all: () => readonly (readonly [number, number])[];
  /** @returns whether it was taken. */
  readonly put: (number: number, value: number) => boolean;
  readonly of: (axis: AxisLetter, name: AxisSetting) => number;
  readonly whole: (name: (typeof wholeSettings)[number]) => number;
}

export function controllerSettings(): Settings {
  const values = new Map([...bounds].map(([n, b]) => [n, b.usual]));
  return {
    all: () => [...values],
    put: (number, value) => {
      const rule = bounds.get(number);
      if (!rule || value < rule.least || value > rule.most) return false;
      values.set(number, value);
      return true;
    },
    of: (axis, name) => values.get(100 * (axisLetters.indexOf(axis) + 1) + axisSettings.indexOf(name) + 1)!,
    whole: (name) => values.get(WHOLE + wholeSettings.indexOf(name) + 1)!,
  };
}
