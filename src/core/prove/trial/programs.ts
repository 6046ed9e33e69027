import type { Project } from '@/core/model';
import type { Block, Program } from '@/core/program';
import type { Ground } from './ground';
import { acrossOf, circleRadius } from './pieces';
import {
  aroundHere,
  ask,
  CALM,
  clearUp,
  CREEP,
  feedTo,
  letterOf,
  type Make,
  millimetres as mm,
  OVERRUN,
  type ProgramBody as Body,
  programAxis,
  reachedFrom,
  readHere,
  say,
  type Waits,
  type Wanted,
} from './program-blocks';
import { shapeMakes } from './program-shapes';
import { placeOf } from './reading';
import type { TrialKind, TrialPlan, TrialRow } from './trial';
import { FIRST_MOVE } from './work-first';

const perMinute = (v: number) => `${Number((v * 60).toFixed(2))} m/min`;

/** Between the soft limits, with the tool up. */
function homed({ g, grounds }: Wanted, blocks: readonly Block[], speed?: number): Body {
  const clear = clearUp(grounds, [g]);
  return {
    nought: 'low-limit',
    axes: [...clear.axes, programAxis(g, speed)],
    blocks: [...clear.blocks, ...blocks],
  };
}

/** Before it is homed: about the place where it stands. */
const unhomed = ({ g }: Wanted, reach: number, blocks: readonly Block[]): Body => ({
  nought: 'here',
  axes: [aroundHere(g, reach)],
  blocks,
});

const slow: Make = (w) => {
  const l = letterOf(w.g);
  const creep = Math.min(CREEP, w.g.rapid);
  return unhomed(w, 2 * FIRST_MOVE, [
    ask('The axis stands in the middle of its travel. Hand on the stop. Indicator at nought.'),
    feedTo({ [l]: FIRST_MOVE }, creep),
    ask(`It went ${mm(FIRST_MOVE)} towards plus. Read the indicator.`),
    feedTo({ [l]: 0 }, creep),
  ]);
};

const REVERSALS = 10;
const SWING = 0.02;

const reversal: Make = (w) => {
  const l = letterOf(w.g);
  const creep = Math.min(CREEP, w.g.rapid);
  const rounds = Array.from({ length: REVERSALS }, (_, i) => [
    feedTo({ [l]: SWING }, creep),
    feedTo({ [l]: 0 }, creep),
    ...readHere(`End reading ${i + 1}`, w.waits),
  ]).flat();
  return unhomed(w, SWING + 0.005, [ask('Indicator at nought where it stands.'), ...rounds]);
};

const slowTravel: Make = (w) => {
  const l = letterOf(w.g);
  const reach = w.g.travel / 2 - OVERRUN;
  const creep = Math.min(CALM, w.g.rapid);
  return reach > 0
    ? unhomed(w, reach, [
        ask('The axis stands in the middle of its travel. Hand on the stop.'),
        feedTo({ [l]: reach }, creep),
        feedTo({ [l]: -reach }, creep),
        feedTo({ [l]: 0 }, creep),
      ])
    : null;
};

/** Round trips at a speed, back to the indicator from the same side. */
function trips(w: Wanted, speed: number, times: number): readonly Block[] {
  const l = letterOf(w.g);
  const there = Array.from({ length: times }, () => [
    feedTo({ [l]: w.g.travel - OVERRUN }, speed),
    feedTo({ [l]: OVERRUN }, speed),
  ]).flat();
  return [...there, ...reachedFrom(l, 2 * OVERRUN, 'up', Math.min(CALM, w.g.rapid))];
}

const ROUND_TRIPS = 10;

/** To the indicator before anything is tried. */
const atIndicator = (w: Wanted): readonly Block[] => [
  ...reachedFrom(letterOf(w.g), 2 * OVERRUN, 'up', Math.min(CALM, w.g.rapid)),
  ask('Set the indicator to nought here.'),
];

const planSpeed: Make = (w) =>
  homed(w, [...atIndicator(w), ...trips(w, w.g.rapid, ROUND_TRIPS), ask('Read the shift.')]);

const stairsSpeed: Make = (w) =>
  homed(
    w,
    [
      ask('Top speed of this axis in the controller above the last step, acceleration at half.'),
      ...atIndicator(w),
      ...w.plan.rows.flatMap((row): Block[] => [
        say(`Step at ${perMinute(placeOf(row))}`),
        ...trips(w, placeOf(row), ROUND_TRIPS),
        ask('Read the shift. If it moved: stop here and home before anything else.'),
      ]),
    ],
    w.g.bound,
  );

const stairsAcceleration: Make = (w) =>
  homed(w, [
    ...atIndicator(w),
    ...w.plan.rows.flatMap((row): Block[] => [
      ask(`Set the acceleration of this axis to ${Number((placeOf(row) * 1000).toFixed(0))} mm/s2.`),
      ...trips(w, w.g.rapid, ROUND_TRIPS),
      ask('Read the shift. If it moved: stop here and home before anything else.'),
    ]),
  ]);

/** Readings of rows on the way up, then on the way down. */
function bothWays(w: Wanted, rows: readonly TrialRow[], from: number, name: string): readonly Block[] {
  const l = letterOf(w.g);
  const speed = Math.min(CALM, w.g.rapid);
  const run = (side: 'up' | 'down') =>
    (side === 'up' ? rows : rows.toReversed()).flatMap((row): Block[] => [
      feedTo({ [l]: from + placeOf(row) }, speed),
      ...readHere(`${name} ${side}, ${mm(placeOf(row))}`, w.waits),
    ]);
  const first = from + placeOf(rows[0]!);
  const last = from + placeOf(rows.at(-1)!);
  return [
    feedTo({ [l]: first - OVERRUN }, speed),
    ...run('up'),
    feedTo({ [l]: last + OVERRUN }, speed),
    ...run('down'),
    feedTo({ [l]: first - OVERRUN }, speed),
  ];
}

const steps: Make = (w) => {
  const l = letterOf(w.g);
  const speed = Math.min(CALM, w.g.rapid);
  const begin: Block[] = [
    feedTo({ [l]: 0 }, speed),
    feedTo({ [l]: OVERRUN }, speed),
    ask('Nought of the scale is here.'),
  ];
  return homed(w, [...begin, ...bothWays(w, w.plan.rows, OVERRUN, 'Distance')]);
};

const positioning: Make = (w) => {
  const runs = new Set(w.plan.columns.map((c) => c.split('-')[1]));
  const blocks = [...runs].flatMap((run) => bothWays(w, w.plan.rows, 0, `Run ${run}`));
  const l = letterOf(w.g);
  const begin = feedTo({ [l]: 0 }, Math.min(CALM, w.g.rapid));
  return homed(w, [begin, ask('Instrument at nought here.'), ...blocks, begin]);
};

/** Round trips between two readings at the most: a program that a controller’s memory still takes. */
const MOST_ROUNDS = 1500;

const warmUp: Make = (w) => {
  const l = letterOf(w.g);
  const stroke = w.g.travel - 2 * OVERRUN;
  if (!(stroke > OVERRUN)) return null;
  const each = (2 * stroke) / w.g.rapid;
  let done = 0;
  const blocks = w.plan.rows.flatMap((row): Block[] => {
    const rounds = Math.min(MOST_ROUNDS, Math.max(1, Math.round((placeOf(row) - done) / each)));
    done += rounds * each;
    const strokes = Array.from({ length: rounds }, () => [
      feedTo({ [l]: w.g.travel - OVERRUN }, w.g.rapid),
      feedTo({ [l]: OVERRUN }, w.g.rapid),
    ]).flat();
    return [
      ...strokes,
      ...reachedFrom(l, 2 * OVERRUN, 'up', Math.min(CALM, w.g.rapid)),
      ask('Read the shift.'),
    ];
  });
  return homed(w, [...atIndicator(w), ...blocks]);
};

const circle: Make = ({ plan, project, grounds, waits }) => {
  const across = acrossOf(project, grounds);
  const [x, y] = across;
  if (!x || !y) return null;
  const [X, Y] = [letterOf(x), letterOf(y)];
  const radius = circleRadius(across);
  const centre = { [X]: x.travel / 2, [Y]: y.travel / 2 };
  const speed = Math.min(CALM, x.rapid, y.rapid);
  const spot = (angle: number) => ({
    [X]: x.travel / 2 + radius * Math.cos(angle),
    [Y]: y.travel / 2 + radius * Math.sin(angle),
  });
  const turn = (way: 'ccw' | 'cw'): Block[] => {
    const angles = plan.rows.map(placeOf);
    const inOrder = way === 'ccw' ? angles : [angles[0]!, ...angles.slice(1).toReversed()];
    const arc = (to: number): Block => ({ does: 'arc', way, to: spot(to), centre, speed });
    return [
      say(way === 'ccw' ? 'Counter-clockwise: once round to run in' : 'Clockwise: once round to run in'),
      { does: 'arc', way, to: {}, centre, speed },
      ...inOrder.flatMap((angle, i): Block[] => [
        ...(i ? [arc(angle)] : []),
        ...readHere(`${way} at ${Math.round((angle * 180) / Math.PI)} degrees`, waits),
      ]),
      arc(0),
    ];
  };
  const clear = clearUp(grounds, across);
  return {
    nought: 'low-limit',
    axes: [...clear.axes, programAxis(x), programAxis(y)],
    blocks: [
      ...clear.blocks,
      feedTo(centre, speed),
      ask('The pivot stands under the spindle here. Set it up.'),
      feedTo(spot(0), speed),
      ...turn('ccw'),
      ...turn('cw'),
    ],
  };
};

const makes: Readonly<Partial<Record<TrialKind, Make>>> = {
  slow,
  reversal,
  'slow-travel': slowTravel,
  'plan-speed': planSpeed,
  'stairs-speed': stairsSpeed,
  'stairs-acceleration': stairsAcceleration,
  steps,
  positioning,
  'warm-up': warmUp,
  circle,
  ...shapeMakes,
};

/**
 * The program of a trial; null where it is done by hand.
 * @param waits for each reading until start is pressed, or for three seconds.
 */
export function trialProgram(
  plan: TrialPlan,
  project: Project,
  grounds: readonly Ground[],
  waits: Waits = 'press',
): Program | null {
  const g = grounds.find((one) => one.axis.id === plan.axis) ?? grounds[0];
  const make = makes[plan.kind];
  const body = g && make ? make({ plan, project, g, grounds, waits }) : null;
  if (!body) return null;
  const limits = body.axes.map((a) => `${a.letter} ${mm(a.low)} to ${mm(a.high)}`).join(', ');
  return {
    name: `${project.name}: ${plan.kind}${plan.axis ? `, axis ${g!.axis.letter}` : ''}`,
    remarks: [`Stays within ${limits}`, 'No cutter unless it says so. Hand on the stop.'],
    ...body,
  };
}
