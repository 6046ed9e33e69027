import type { ChainPartId } from '@/core/machine';
import { formatNumber } from '@/core/units';
import { balanceWords, crankedWords, crankWords } from './findings-hand';
import { labelOf } from './labels-axis';
import { chainPartName } from './names-fit';
import type { FindingWords } from './teller';

const HOLES_UNKNOWN =
  'Where its holes lie is not known: say length, size and form of the rail, or measure the first hole.';

/** Words for what the checks of an axis find along its drive train. */
export const trainWords = {
  whip: ({ num, say, value, limit, thin, missing }) => {
    const heat = num('heat');
    return {
      title: thin ? 'Screw is close to whipping' : 'Screw whips',
      ...missing,
      lines: [
        `A ${say('length', num('root'))} root over ${say('length', num('length'), 4)} turns calm up to ` +
          `${value} (80 % of its critical speed). You ask for ${limit}.`,
        ...(heat > 0
          ? [
              `Fixed at both ends it warms into ${say('force', heat)} of compression, which costs ` +
                `speed: stretch it at assembly.`,
            ]
          : []),
        ...(thin ? [] : ['A bigger motor does not move this limit.']),
      ],
    };
  },
  dn: ({ value, limit, thin, missing }) => ({
    title: thin ? 'Nut is close to its speed' : 'Nut turns too fast',
    ...missing,
    lines: [`The ball return stands ${value}; you ask for ${limit}.`],
  }),
  'torque-rapid': (teller) => {
    const { num, value, limit, thin, missing } = teller;
    if (num('cranked')) return crankedWords['torque-rapid'](teller);
    return {
      title: thin ? 'Little torque left at rapid' : 'No torque left at rapid',
      ...missing,
      lines: [
        `Speeding up as asked, the usable torque lasts to ${value}. You ask for ${limit}.`,
        'Beyond it the motor loses steps; holding torque says nothing about that.',
      ],
    };
  },
  'torque-cut': (teller) => {
    const { num, value, limit, thin, missing } = teller;
    if (num('cranked')) return crankedWords['torque-cut'](teller);
    return {
      title: thin ? 'Little torque left in the cut' : 'No torque left in the cut',
      ...missing,
      lines: [`Against the cutting force the usable torque lasts to ${value}. You cut at ${limit}.`],
    };
  },
  pulses: ({ value, limit, thin, missing }) => ({
    title: thin ? 'Pulses nearly run out' : 'Pulses run out',
    ...missing,
    lines: [`The controller's pulse rate is used up at ${value}; you ask for ${limit}.`],
  }),
  reducer: ({ value, limit, thin, missing }) => ({
    title: thin ? 'Reducer is close to its speed' : 'Reducer turns too fast',
    ...missing,
    lines: [`Its highest input speed is used up at ${value}; you ask for ${limit}.`],
  }),
  column: ({ value, limit, thin, missing }) => ({
    title: thin ? 'Screw is close to buckling' : 'Screw buckles',
    ...missing,
    lines: [
      `As a column it may take ${value} (half its Euler load, less what heat presses between two fixed ` +
        `bearings); the worst cut pushes ${limit}.`,
    ],
  }),
  drops: (teller) => {
    const { num, say, value, limit, thin } = teller;
    if (num('cranked')) return crankedWords.drops(teller);
    const weight = say('force', Math.abs(num('weight')));
    const caution = 'Prop the axis before you switch off or work under it; keep hands out.';
    return thin
      ? {
          title: 'Held by detent only when power fails',
          lines: [
            `${weight} of weight turns the drive with ${value}; the motor's detent of ${limit} ` +
              `holds it from rest, but lets go if it is already moving.`,
            caution,
          ],
        }
      : {
          title: 'Drops when power fails',
          lines: [
            `${weight} of weight turns the drive with ${value}, more than the motor's detent of ${limit}.`,
            caution,
            'A power-off brake or a counterbalance holds it.',
          ],
        };
  },
  ...balanceWords,
  ...crankWords,
  'thin-self-lock': ({ value, limit }) => ({
    title: 'Self-locking is thin',
    lines: [`Lead angle over friction angle is ${value}; below ${limit} vibration does not undo it.`],
  }),
  'crest-high': ({ num, value, limit }) => ({
    title: 'Motor gets too hot',
    lines: [
      `Crest ${value} is more than ${limit}, at which the windings carry their rated current: ` +
        `${formatNumber(num('heat'), 3)} times the heat.`,
    ],
  }),
  'crest-low': ({ f, p, value, limit }) => ({
    title: 'Driver holds back the motor',
    lines: [
      `${value} crest gives ${formatNumber((100 * f.value) / f.limit, 2)} % of the torque on the ` +
        `motor plate; up to ${limit} crest the windings stay within their rating.`,
      p.marking === 'rms'
        ? 'Your driver counts RMS: set it to the rated current itself.'
        : 'The plate states RMS with both phases on; a driver marked in crest must be set 1.41 ' +
          'times higher for the same heat and the full torque.',
    ],
  }),
  'supply-low': ({ value, limit }) => ({
    title: 'Supply holds back the motor',
    lines: [
      `${value} is low for this inductance; about ${limit} is usual (32 times the root of the ` +
        `millihenries).`,
    ],
  }),
  'inertia-ratio': ({ value, limit }) => ({
    title: 'Load is heavy for the rotor',
    lines: [
      `Load over rotor inertia is ${value}; up to ${limit} runs smoothly (common practice: ` +
        `steppers 10, servos 5 for stiff tuning, 10 tolerable).`,
    ],
  }),
  'deep-groove': ({ value }) => ({
    title: 'Deep-groove bearings take the thrust',
    lines: [
      `They carry ${value} of thrust poorly, and their axial play adds to the backlash.`,
      'Thrust wants an angular-contact pair with preload at the fixed end.',
    ],
  }),
  'never-reached': ({ value, limit }) => ({
    title: 'Rapid is never reached',
    lines: [`The travel leaves room to reach ${value}; ${limit} is asked.`],
  }),
  'ramp-rings': ({ num, value, limit }) => ({
    title: 'Ramps make the axis ring',
    lines: [
      `The ramp to rapid lasts ${value}; shorter than ${limit} (one swing at ` +
        `${formatNumber(num('frequency'), 2)} Hz) it rings.`,
    ],
  }),
  'rail-short': ({ f, num, say, missing }) => ({
    title: 'Rail is too short',
    ...missing,
    lines: [
      `With carriages ${say('length', num('span'))} long the rail leaves ${say('length', f.value, 4)} ` +
        `of travel; you ask for ${say('length', f.limit, 4)}.`,
    ],
  }),
  'chain-short': ({ f, num, word, say }) => {
    const [near, far] = [word('near'), word('far')].map((id) =>
      chainPartName[id as ChainPartId].toLowerCase(),
    );
    const stroke = say('length', num('stroke'), 4);
    const ended = near === far ? `ended by the ${near}` : `from the ${near} to the ${far}`;
    const gain = num('gain') > 0 ? ` There ${say('length', num('gain'))} could be gained.` : '';
    const [nearEnd, farEnd] = [say('length', num('takenNear')), say('length', num('takenFar'))];
    const left =
      `Free stroke is ${stroke}, ${ended}.${gain} The ends take ${nearEnd} and ${farEnd}, which leaves ` +
      `${say('length', f.value, 4)} of ${say('length', f.limit, 4)} between the soft limits.`;
    if (f.verdict === 'not-known')
      return {
        title: 'Travel chain is not all known',
        lines: [left, `It is at most so much: “${labelOf(word('first')).toLowerCase()}” is not said yet.`],
      };
    return { title: 'Travel does not close', big: `− ${say('length', f.limit - f.value)}`, lines: [left] };
  },
  'rail-joint': ({ f, word, say, num, value, limit }) => ({
    title:
      `Rail ${word('rail').toUpperCase()} is joined ` +
      `${f.verdict === 'not-known' ? 'where?' : 'at a hole'}`,
    lines:
      f.verdict === 'not-known'
        ? [HOLES_UNKNOWN]
        : [
            `The joint at ${say('length', num('at'), 4)} lies ${value} from a hole; ${limit} is wanted, or ` +
              'its counterbore breaks out. The holes keep their pitch across the joint: both ends of it ' +
              'together with the gap are one pitch.',
          ],
  }),
  'rail-stagger': ({ value, limit }) => ({
    title: 'Both rails are joined at one place',
    lines: [
      `The joints stand ${value} apart, a carriage is ${limit} long: carriages of both rails meet a ` +
        'joint at once. Turn one rail round, or cut it elsewhere. Ground ends, marks matched.',
    ],
  }),
  'motor-speed': (teller) => {
    const { num, value, limit, thin, missing } = teller;
    if (num('cranked')) return crankedWords['motor-speed'](teller);
    return {
      title: thin ? 'Motor is close to its speed' : 'Motor turns too fast',
      ...missing,
      lines: [`At its highest speed the axis makes ${value}; you ask for ${limit}.`],
    };
  },
  'nut-rubbing': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Nut is close to rubbing too fast' : 'Nut rubs too fast',
    ...missing,
    lines: [`Its material stands rubbing up to ${value} of the axis; you ask for ${limit}.`],
  }),
  'mid-band': ({ num, say, value, limit }) => ({
    title: 'Mid-band resonance may cost steps',
    lines: [
      `At ${say('angularSpeed', num('speed'))} an open-loop stepper may swing itself out of step; without ` +
        `damping only half of its pull-out is trusted there: ${value} against ${limit}.`,
      'A driver that damps the mid-band, a damper on the shaft or a heavier rotor helps; test it with a ' +
        'staircase of speeds.',
    ],
  }),
  'line-speed': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Belt or chain is close to its speed' : 'Belt or chain runs too fast',
    ...missing,
    lines: [`Its datasheet allows ${value}; you ask for ${limit}.`],
  }),
} satisfies Record<string, FindingWords>;
