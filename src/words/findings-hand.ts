import type { FindingWords } from './teller';

/** What is said of an axis that a hand turns, where a motor would be spoken of otherwise. */
export const crankedWords = {
  'torque-rapid': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Crank is nearly too heavy' : 'Crank is too heavy',
    ...missing,
    lines: [
      `With the force that is kept up it is good for ${value}; you ask for ${limit}.`,
      'A longer crank, a shorter lead, a reducer, or weight taken off it by counterweights or gas springs.',
    ],
  }),
  'torque-cut': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Crank is nearly too heavy in the cut' : 'Crank is too heavy in the cut',
    ...missing,
    lines: [`Against the cutting force a hand is good for ${value}. You cut at ${limit}.`],
  }),
  'motor-speed': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Hand just keeps up' : 'Hand does not keep up',
    ...missing,
    lines: [`With the turns that are kept up the axis makes ${value}; you ask for ${limit}.`],
  }),
  drops: ({ num, say, value, limit }) => ({
    title: 'Runs down when the crank is let go',
    lines: [
      `${say('force', Math.abs(num('weight')))} of weight turns the drive with ${value}; the clamp holds ` +
        `${limit}. ` +
        `The crank spins: nobody’s hand or sleeve in its way.`,
      'A screw that locks itself, a clamp on the shaft, or a counterbalance holds it.',
    ],
  }),
} satisfies Record<string, FindingWords>;

/** Counterweights and gas springs. */
export const balanceWords = {
  'gas-stroke': ({ word, num, say, value, limit }) => ({
    title: 'Gas spring is too short for the travel',
    lines: [
      `“${word('name')}” runs ${value}. Pressed in ${say('length', num('pressed'))} at the top and moved ` +
        `by ` +
        `${say('length', num('travel'))} it needs ${limit}, with 5 mm kept off its end: it would stop the ` +
        `axis.`,
    ],
  }),
  'over-balanced': ({ value, limit, thin }) => ({
    title: thin ? 'Is pushed up by more than its drag' : 'Is pushed up',
    lines: [
      `At one end of its travel what balances it pushes ${limit} more than it weighs; its drag holds ` +
        `${value} ` +
        `of that. It rises when nothing holds it: before you take off head or motor, take the push away.`,
    ],
  }),
} satisfies Record<string, FindingWords>;

/** A crank with its link. */
export const crankWords = {
  'pin-load': ({ value, limit, thin, missing }) => ({
    title: thin ? 'Pins of the link are close to their load' : 'Pins of the link give out',
    ...missing,
    lines: [
      `Along the axis they take ${value}; the worst moment pushes ${limit}. Near a dead centre a crank ` +
        `pushes ` +
        `without a limit: a shear pin, and a guard.`,
    ],
  }),
  'crank-stroke': ({ num, say, value, limit, thin }) => ({
    title: thin ? 'Stroke is longer than the travel' : 'Stroke does not reach',
    lines: [
      `A crank goes ${value} each time, whatever is asked; the travel is ${limit}. A crank of ` +
        `${say('length', num('radius'), 4)} makes just that.`,
    ],
  }),
  'link-short': ({ num, value, limit }) => ({
    title: 'Link is short',
    lines: [
      `It is ${value} long; below ${num('radii')} radii of the crank, ${limit}, it pushes the guides ` +
        `aside with more ` +
        `than a third of its force and jerks at one end (common practice).`,
    ],
  }),
} satisfies Record<string, FindingWords>;
