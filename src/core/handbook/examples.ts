import { axisReport, briefWorking } from '@/core/machine';
import {
  guess,
  startingBody,
  startingBrief,
  startingCut,
  startingProject,
  startingShape,
  startingSpindleBelt,
} from '@/core/model';
import type { Kind } from '@/core/units';
import type { Formula, Line } from '@/core/worksheet';
import { sampleAxes } from './sample-axes';

/** A brief with a cut of every kind, and bodies of every shape. */
function sampleBrief() {
  const spindle = {
    power: guess('power', '2.2 kW'),
    efficiency: guess('ratio', '0.8'),
    ratedSpeed: guess('angularSpeed', '24000 rpm'),
    belt: {
      ...startingSpindleBelt(),
      beltLength: guess('length', '760 mm'),
      topSpeed: guess('angularSpeed', '30000 rpm'),
      bearingDiameter: guess('length', '35 mm'),
    },
  };
  const cuts = (['mill', 'plasma', 'knife', 'light'] as const).map((kind) => startingCut(kind, kind));
  const stand = (['member', 'plate', 'motor', 'spindle', 'cable-chain'] as const).map((kind) =>
    startingBody(kind, kind, startingShape(kind)),
  );
  return briefWorking({
    ...startingProject('sample', ''),
    brief: { ...startingBrief(), spindle, cuts },
    stand,
  });
}

/**
 * Sizes of a section for the formulas of sections, m: a tube of 100 x 60 x 4, a box of plates, a pair of
 * bars.
 */
const sectionSizes: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  tube: { height: 0.1, width: 0.06, wall: 0.004, outer: 0.008, inner: 0.004 },
  round: { outer: 0.06, inner: 0.054 },
  bar: { height: 0.05, width: 0.02, long: 0.05, short: 0.02 },
  box: { height: 0.16, width: 0.12, flange: 0.012, web: 0.009 },
  open: { height: 0.06, width: 0.06, thickness: 0.006 },
  parallel: { own: 3e4, ownAxial: 1.2e8, added: 800, addedAxial: 4e7, offset: 0.06 },
};

/** Figures of a machine on its feet: a table with a light gantry. */
const onFeet = { all: 75, half: 0.575, centre: 0.06, moving: 8, acceleration: 2.5, height: 0.87 };

/** Round figures for inputs that no sample axis brings up. */
const usual: Partial<Record<Kind, number>> = {
  length: 0.1,
  force: 100,
  torque: 1,
  speed: 0.2,
  ratio: 0.5,
  count: 20,
  angle: 0.35,
  time: 1,
  stiffness: 1e7,
  current: 3,
  modulus: 206e9,
};

/** Inputs for a small example of a formula, SI. */
export type ExampleOf = (formula: Formula) => Readonly<Record<string, number>>;

/**
 * Examples for formulas: from the first use of each on invented axes, or round figures. The axes are computed
 * when the first one is asked for; who shows examples keeps what comes back.
 */
export function handbookExamples(): ExampleOf {
  let lines: Map<string, Line> | undefined;
  const firstLines = (): Map<string, Line> => {
    const found = new Map<string, Line>();
    const axes = sampleAxes().flatMap(
      (axis) => axisReport(axis, { working: true, remedies: false }).working!,
    );
    for (const line of [...axes, ...sampleBrief()])
      if (!found.has(line.formula.id)) found.set(line.formula.id, line);
    return found;
  };
  return (formula) => {
    const [room, name] = formula.id.split('/') as [string, string];
    if (room === 'section') return sectionSizes[name.split('-')[0]!]!;
    if (formula.id === 'loads/steadiness') return onFeet;
    lines ??= firstLines();
    return (
      lines.get(formula.id)?.inputs ??
      Object.fromEntries(Object.entries(formula.symbols).map(([symbol, s]) => [symbol, usual[s.kind] ?? 1]))
    );
  };
}
