import type { Teller } from './teller';
import { labelOf } from './labels-axis';
import type { FindingText, FindingWords } from './teller';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What becomes of the energy that a stop is met with. */
function met({ f, num, word, say }: Teller, meets: string): FindingText {
  const side = word('side');
  const energy = say('energy', num('energy'));
  const first = labelOf(word('first')).toLowerCase();
  const lines = [`${meets} ${energy} are left for the ${side} stop.`];
  if (num('stroke') > 0 && num('usable') > 0)
    lines.push(
      `They press its cushion by ${say('length', num('stroke'))}; up to ${say('length', num('usable'))} it ` +
        'works, then it is a wall.',
    );
  if (num('force') > 0) {
    const cap = num('cap') > 0 ? ` The stop bears ${say('force', num('cap'))}.` : '';
    lines.push(`It takes ${say('force', num('force'))} at its peak.${cap}`);
  }
  if (f.verdict === 'not-known') lines.push(`“${first}” is not said yet, so nobody knows what gives.`);
  return {
    title: `${capital(side)} stop: ${f.verdict === 'not-known' ? 'not all is known' : 'met too hard'}`,
    lines,
  };
}

/** Words for how an axis stops and finds its zero. */
export const endWords = {
  'end-switch': ({ f, num, word, say }) => {
    const side = word('side');
    const homes = num('home') >= 0 && num('home') <= f.value;
    if (f.verdict === 'not-known')
      return {
        title: `${capital(side)} switch: not all is known`,
        lines: [
          `Before the crash zone there are at most ${say('length', f.value)}; from rapid the axis stands ` +
            `no sooner than after ${say('length', f.limit)}.`,
          'Reaction, spread and crash zone are not all said.',
        ],
      };
    return {
      title: `${capital(side)} switch ${homes ? 'needs soft limits' : 'too near its stop'}`,
      lines: [
        `From ${say('speed', num('rapid'))} the axis stands ${say('length', f.limit)} after the trip; ` +
          `before the crash zone there are ${say('length', f.value)}.`,
        homes
          ? `At homing speed it stands in ${say('length', num('home'))}: that holds. A runaway at rapid ` +
            'meets the stop.'
          : `It would have to trip ${say('length', num('needed'), 4)} before the hard contact, not ` +
            `${say('length', num('trip'), 4)}.`,
      ],
    };
  },
  'end-coast': (t) => met(t, 'When the power fails at rapid,'),
  'end-runaway': (t) => met(t, 'When nobody stops it at rapid,'),
  'end-lean': ({ value, limit }) => ({
    title: 'The motor leans too hard on the stop',
    lines: [
      `Standing at the stop the motors push with ${value}; it bears ${limit}. They do so until somebody ` +
        'switches them off: an open-loop axis does not know that it stands.',
    ],
  }),
  'end-crank': ({ word, value }) => ({
    title: 'Turned by hand it knows no switch',
    lines: [
      `A ${word('crank')} on the drive passes every switch and soft limit; ${value} of two hard stops are ` +
        'said. Both stops and the thread in reserve are a must then.',
      'A motor that is turned feeds its driver: unplug it first, power off.',
    ],
  }),
  'end-wired': ({ f, word }) => ({
    title: `${capital(word('side'))} switch ${f.verdict === 'thin' ? 'is wired open' : 'wired how?'}`,
    lines: [
      'Normally closed, a cut wire or an open plug trips it; normally open, nobody notices before the axis ' +
        'meets its stop.',
    ],
  }),
  'home-fast': ({ f, value, limit }) => ({
    title: f.verdict === 'not-known' ? 'How fast homing may be is not known' : 'Homing breaks its switch',
    lines: [
      `The switch may be run over no further than its over-travel, which allows ${value}; you home at ` +
        `${limit}.`,
    ],
  }),
  'home-spread': ({ micro, f }) => ({
    title: 'Home is coarse',
    lines: [
      `Between two looks at its input the controller lets the axis run ${micro(f.value)}; below ` +
        `${micro(f.limit)} nobody feels it (common practice). A slower second pass is finer.`,
    ],
  }),
  'home-skew': ({ num, value, limit }) => ({
    title: num('said') === 1 ? 'Two motors wake up too skew' : 'Skew at power-up is not known',
    lines: [
      `At power-up each stepper falls to its nearest pole: one side may stand ${value} ahead.` +
        (num('said') === 1 ? ` ${limit} is allowed.` : ' What the carriages take is not said.'),
      'Homed by one switch they keep it; by a switch each they are squared every time.',
    ],
  }),
  'home-pull-off': ({ f, num, say, value }) => {
    const on = f.value < num('clear');
    const lines = [
      on
        ? `It backs off by ${value}; the switch spreads by half of ${say('length', num('clear'))}, ` +
          'so it may ' +
          'stand on it still and trip at once.'
        : `It backs off by ${value}, and the soft limit lies ${say('length', num('margin'))} from ` +
          'the trip: ' +
          'after homing many controllers refuse the next move.',
    ];
    if (f.verdict === 'not-known')
      return {
        title: 'Whether it backs off far enough is not known',
        lines: [`It backs off by ${value}; spread and margin of the switch are not both said yet.`],
      };
    return { title: on ? 'Backed off too little' : 'Home lies outside of the soft limits', lines };
  },
} satisfies Record<string, FindingWords>;
