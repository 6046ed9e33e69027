import { formatNumber } from '@/core/units';
import type { FindingWords } from './teller';

const caseWords: Readonly<Record<string, string>> = {
  standing: 'Standing still',
  'speeding-up': 'Speeding up',
  cutting: 'In the cut',
};

/** What heats a motor, by what it was judged by. */
const dutyWords: Readonly<Record<string, string>> = {
  typed: 'The RMS torque of the duty cycle is',
  rapid: 'To and fro at rapid without a rest asks for an RMS torque of',
  cutting: 'Cutting to and fro without a rest asks for an RMS torque of',
  endless: 'A cut that goes on for minutes, as long jobs have them, asks for',
};

/** Words for what drive, motor, supply and guide find about themselves. */
export const partWords = {
  tooth: ({ value, limit, thin, missing }) => ({
    title: thin ? 'Teeth are close to bending' : 'Teeth of the pinion bend',
    ...missing,
    lines: [`Half of what bends them is ${value}; the worst cut pushes ${limit}.`],
  }),
  'belt-pull': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Belt is close to its pull' : 'Belt is too weak',
    ...missing,
    lines: [`Its teeth in mesh carry ${value}; the worst case pulls ${limit}.`],
  }),
  'chain-pull': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Chain is close to its pull' : 'Chain is too weak',
    ...missing,
    lines: [`A seventh of its tensile strength is ${value}; the worst case pulls ${limit}.`],
  }),
  'motor-heat': ({ num, word, value, limit, thin, over }) => ({
    title: thin ? 'Motor is warm in its duty' : 'Motor overheats in its duty',
    ...over,
    lines: [
      `${dutyWords[word('over')] ?? dutyWords.typed} ${value}, rated for ever is ${limit}: ` +
        `${formatNumber(num('heat'), 2)} times the rated heat.`,
    ],
  }),
  'supply-power': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Supply has little to spare' : 'Supply is too small',
    ...missing,
    lines: [`It gives ${value}; motors at the end of a ramp, and what else hangs on it, draw ${limit}.`],
  }),
  regeneration: ({ num, say, value, limit }) => ({
    title: 'Braking lifts the supply',
    lines: [
      `A stop from rapid sends back ${say('energy', num('energy'))}, which lifts the ` +
        `supply to ${value}; the driver stands ${limit}.`,
    ],
  }),
  'curve-voltage': ({ p, value, limit }) => ({
    title: 'Torque curve is of another supply',
    lines: [
      p.higher
        ? `The curve was taken at ${limit}, you run at ${value}: what more you get is not credited.`
        : `The curve was taken at ${limit}, you run at ${value}: its speeds are shrunk in ` +
          `proportion, which is an estimate.`,
    ],
  }),
  'driver-small': ({ value, limit }) => ({
    title: 'Driver is small for the motor',
    lines: [
      `It can give ${value} crest; the motor is rated ${limit}. A motor bigger than its driver ` +
        `can feed is wasted.`,
    ],
  }),
  'reducer-torque': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Reducer is close to its torque' : 'Reducer is overloaded',
    ...missing,
    lines: [`It takes ${value} at its output; the worst case asks for ${limit}.`],
  }),
  'coupling-torque': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Coupling is close to its torque' : 'Coupling is overloaded',
    ...missing,
    lines: [`It takes ${value}; the worst case asks for ${limit}.`],
  }),
  'coupling-runout': ({ f, micro }) => ({
    title: 'Coupling wobbles',
    lines: [
      `It runs out by ${micro(f.value)}; above ${micro(f.limit)} it bends the end of the shaft at ` +
        `every turn and wears its bearing (common practice).`,
    ],
  }),
  'lost-motion': ({ f, num, micro, thin, over }) =>
    f.verdict === 'not-known'
      ? {
          title: 'Lost motion is not all known',
          lines: [
            `The known links lose ${micro(f.value)} of the ${micro(f.limit)} that you allow; ` +
              `${num('missing')} of them say nothing yet.`,
          ],
        }
      : {
          title: thin ? 'Lost motion is nearly used up' : 'Too much lost motion',
          ...over,
          lines: [`At a reversal ${micro(f.value)} are lost; you allow ${micro(f.limit)}.`],
        },
  undercut: ({ f, num, value }) => ({
    title: 'Pinion is undercut',
    lines: [
      `With ${value} teeth its feet are cut away; ${formatNumber(f.limit, 3)} is the least that ` +
        `practice calls sound (${formatNumber(num('least'), 3)} in theory), unless its ` +
        `profile is shifted.`,
    ],
  }),
  'sprung-pinion': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Pinion spring is just enough' : 'Pinion climbs out of mesh',
    ...missing,
    lines: [
      `At the mesh the spring presses ${value}; the teeth push out with up to ${limit}, a fifth ` +
        `to spare included.`,
      'A spring under tension: unhook it before you loosen the hinge.',
    ],
  }),
  'mesh-tight': ({ f, micro }) => ({
    title: 'Mesh may bind',
    lines: [
      `${micro(f.value)} out of tight mesh is less than the pitch wanders; ${micro(f.limit)} is ` +
        `the least (common practice).`,
    ],
  }),
  'joint-at-park': ({ f, say, limit }) => ({
    title: 'Rack joint at the park position',
    lines: [
      `A joint lies ${say('length', f.value)} from where the axis parks; ${limit}, three ` +
        `teeth, is wanted.`,
    ],
  }),
  'belt-tension': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Belt tension is just enough' : 'Belt goes slack',
    ...missing,
    lines: [
      `It is pulled by ${value} at rest; under the worst load the slack span needs ${limit}, ` +
        `or teeth jump.`,
    ],
  }),
  'belt-teeth': ({ value }) => ({
    title: 'Few teeth in mesh',
    lines: [`${value} teeth of the pulley hold the belt; six carry fully.`],
  }),
  'chain-sag': ({ value, limit }) => ({
    title: 'Chain sags',
    lines: [
      `At its tension it hangs ${value} deep; more than ${limit} whips and adds lost motion ` +
        `(common practice: 3 % of the span).`,
    ],
  }),
  'chain-ripple': ({ f }) => ({
    title: 'Chain jerks',
    lines: [
      `The speed swings by ${formatNumber(f.value * 100, 2)} % with every tooth; 17 teeth and ` +
        `more stay within ${formatNumber(f.limit * 100, 2)} %.`,
    ],
  }),
  'shaft-load': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Shaft is close to its radial load' : 'Shaft carries too much',
    ...missing,
    lines: [`The shaft of motor or reducer takes ${value} across; the drive pulls ${limit}.`],
  }),
  'nut-spring': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Nut spring is just enough' : 'Nut spring is too weak',
    ...missing,
    lines: [
      `The spring between the halves presses ${value}; the worst cut pushes ${limit}, and the ` +
        `play opens when it matters.`,
    ],
  }),
  'nut-load': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Nut is close to its pressure' : 'Nut is pressed too hard',
    ...missing,
    lines: [`The flanks of its thread stand ${value}; the worst cut pushes ${limit}.`],
  }),
  'nut-heat': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Nut gets warm in the cut' : 'Nut overheats in the cut',
    ...missing,
    lines: [
      `Rubbing at the feed without a rest it stands ${value}; the worst cut pushes ${limit}. What it wears ` +
        `becomes play.`,
    ],
  }),
  'nut-static': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Balls of the nut have little to spare' : 'Balls dent the screw',
    ...missing,
    lines: [`Half of the static rating is ${value}; the worst cut pushes ${limit}.`],
  }),
  'nut-life': ({ value, limit, missing }) => ({
    title: 'Ball screw wears early',
    ...missing,
    lines: [`Under the worst cut all the time nine of ten last ${value}; ${limit} is 15 years of evenings.`],
  }),
  'bearing-static': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Thrust bearing has little to spare' : 'Thrust bearing is dented',
    ...missing,
    lines: [`Its static rating stands a thrust of ${value}; the worst cut pushes ${limit}.`],
  }),
  'bearing-life': ({ value, limit, missing }) => ({
    title: 'Thrust bearing wears early',
    ...missing,
    lines: [`Under the worst cut all the time nine of ten last ${value}; ${limit} is 15 years of evenings.`],
  }),
  'guide-static': ({ num, word, say, value, limit, thin, missing }) => ({
    title: thin ? 'Carriages have little to spare' : 'Carriages are overloaded',
    ...missing,
    lines: [
      `The busiest carriage carries ${say('force', num('load'))} ` +
        `(${word('when').replace('-', ' ')}): static safety ${value}, wanted ${limit}.`,
    ],
  }),
  racking: ({ num, say, value, limit, thin, missing }) => ({
    title: thin ? 'Axis is close to jamming' : 'Axis jams like a drawer',
    ...missing,
    lines: [
      `The drive pushes ${say('length', num('lever'))} beside what resists; with this ` +
        `friction the carriages must stand over more than ${limit}, they stand over ${value}.`,
    ],
  }),
  uplift: ({ f, word, value, limit, thin }) => ({
    title:
      f.verdict === 'not-known'
        ? 'A carriage is pulled off its rail'
        : thin
          ? 'A carriage barely holds on to its rail'
          : 'A carriage lets go of its rail',
    lines: [
      `${caseWords[word('when')] ?? 'At some moment'} one is pulled off with ${limit}. ` +
        (word('kind') === 'supported-round'
          ? f.verdict === 'not-known'
            ? 'An open block takes about half of its static rating that way, and that is not given.'
            : `An open block takes about ${value} that way (half of its static rating, from memory).`
          : word('grip') === 'one-side'
            ? 'What rolls on one side only lifts off.'
            : 'Wheels and bearings take that only where they grip from both sides: say whether yours do.'),
    ],
  }),
  'span-short': ({ num, say, value, limit }) => ({
    title: 'Carriage span is short',
    lines: [
      `${value} over rails ${say('length', num('spacing'))} apart, driven by one drive: ` +
        `half of it, ${limit}, keeps it from racking (common practice). Or drive both sides.`,
    ],
  }),
  'rail-height': ({ f, micro }) => ({
    title: 'Rails are not at one height',
    lines: [`${micro(f.value)} off; this guide takes ${micro(f.limit)} (from memory, the datasheet rules).`],
  }),
  'rail-parallel': ({ f, micro }) => ({
    title: 'Rails are not parallel',
    lines: [`${micro(f.value)} off; this guide takes ${micro(f.limit)} (from memory, the datasheet rules).`],
  }),
  'rod-sag': ({ num, value, limit }) => ({
    title: 'Rods sag',
    lines: [
      `${formatNumber(num('rods'), 2)} rods sag ${value} in the middle; ${limit} is ` +
        `what a cut shows (common practice).`,
    ],
  }),
} satisfies Record<string, FindingWords>;
