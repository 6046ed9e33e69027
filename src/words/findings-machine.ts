import type { ErrorId, MachineCode, WayId } from '@/core/machine';
import { formatNumber } from '@/core/units';
import { passingWords } from './findings-passing';
import { inputLabel } from './labels-machine';
import { errorName, wayText } from './names-machine';
import { beltSpeedText, spindleBearingNames, spindleBeltNames } from './spindle';
import type { FindingWords } from './teller';

/** Words for what the machine as a whole found. */
export const machineWords: Record<MachineCode, FindingWords> = {
  ...passingWords,
  'area-short': ({ word, value, limit }) => ({
    title: `${word('axis')} does not reach the work`,
    lines: [
      `It travels ${value}; the brief wants ${limit}. Travel is more than the work area: offsets ` +
        `and margins come on top.`,
    ],
  }),
  'plasma-slow': ({ word, value, limit }) => ({
    title: 'Too slow for thin sheet',
    lines: [
      `“${word('cut')}” runs at ${value}. Thin sheet wants at least ${limit} (common practice), ` +
        `or it burns and drosses.`,
    ],
  }),
  'plasma-reach': ({ word, value, limit, missing }) => ({
    title: `${word('axis')} never reaches plasma speed`,
    ...missing,
    lines: [
      `It is good for ${value} under the torch; thin sheet wants ${limit} at least. A bigger ` +
        `motor may not mend it: look at what governs the axis.`,
    ],
  }),
  'cut-faster': ({ word, value, limit }) => ({
    title: `${word('axis')} is asked for less than the cut`,
    lines: [
      `“${word('cut')}” feeds at ${limit}; the axis is only asked for ${value}, so nothing here ` +
        `proves the cut.`,
    ],
  }),
  'corner-slow': ({ num, word, say, value, limit }) => ({
    title: 'Corners slow the cut',
    lines: [
      `${word('axis')}: the tightest corner of “${word('cut')}” asks ${limit} (v²/r); the ` +
        `axis is asked for ${value}. The controller slows to ${say('speed', num('held'))} ` +
        `there, and a plasma kerf widens.`,
    ],
  }),
  'spindle-short': ({ word, value, limit, thin, missing }) => ({
    title: thin ? 'Spindle has little to spare' : 'Spindle is too weak',
    ...missing,
    lines: [`“${word('cut')}” takes ${limit} at the cutter; at this speed the spindle has ${value}.`],
  }),
  'spindle-slow': ({ value, limit, thin }) => ({
    title: thin ? 'Spindle just gets as fast as the cut' : 'Spindle does not get as fast as the cut',
    lines: [`A cut asks ${limit}; through its belt the spindle gets to ${value}.`],
  }),
  'belt-rim': ({ f, word, thin, system }) => ({
    title: thin ? 'Belt runs nearly too fast' : 'Belt runs too fast',
    lines: [
      `At the fastest cut the belt runs at ${beltSpeedText(f.value, system)}; ` +
        `${spindleBeltNames[word('belt') as 'v-belt'].toLowerCase()} and its pulleys are good for ` +
        `${beltSpeedText(f.limit, system)} (memory; balanced steel pulleys go further, by their maker’s ` +
        `word). ` +
        `A rim that bursts throws pieces: guard it.`,
    ],
  }),
  'belt-wrap': ({ value, limit }) => ({
    title: 'Belt lies on too short an arc',
    lines: [
      `It lies on ${value} of the smaller pulley; below ${limit} it slips before its time (common ` +
        `practice). ` +
        `Shafts farther apart, or pulleys more alike.`,
    ],
  }),
  'spindle-bearing': ({ word, say, num, value, limit, thin }) => ({
    title: thin ? 'Bearings of the spindle have little to spare' : 'Bearings of the spindle run too fast',
    lines: [
      `At ${say('angularSpeed', num('asked'))} their speed factor is ${value}; ` +
        `${spindleBearingNames[word('bearing') as 'insert'].toLowerCase()} in grease are good for ` +
        `${limit} (memory, ` +
        `the low end; the datasheet of yours decides). They run hot and lose their grease.`,
    ],
  }),
  'belt-length': ({ num, say, thin }) => ({
    title: thin ? 'Belt just fits its shafts' : 'Belt does not fit its shafts',
    lines: [
      num('centre') > 0
        ? `The belt in hand lies straight with the shafts ${say('length', num('centre'))} apart; for the ` +
          `typed distance it would be ${say('length', num('length'))} long. Some 3 % of the distance can ` +
          `be ` +
          `taken up (memory).`
        : `The belt in hand does not go round both pulleys; ${say('length', num('length'))} are wanted.`,
    ],
  }),
  'chip-rubs': ({ f, word, micro }) => ({
    title: 'Cutter rubs',
    lines: [
      `“${word('cut')}” takes ${micro(f.value)} a tooth; below ` +
        `${micro(f.limit)} in metal it rubs, heats and welds (common practice).`,
    ],
  }),
  'chip-thick': ({ f, word }) => ({
    title: 'Chip is thick for the cutter',
    lines: [
      `“${word('cut')}” takes ${formatNumber(100 * f.value, 2)} % of its diameter a tooth; more ` +
        `than ${formatNumber(100 * f.limit, 2)} % breaks small cutters (common practice).`,
    ],
  }),
  'climb-play': ({ f, word, micro }) => ({
    title: 'Climb cut with play in the drive',
    lines: [
      `${word('axis')} loses ${micro(f.value)} at a reversal; “${word('cut')}” takes ` +
        `${micro(f.limit)} a tooth. The cut pulls the axis along by more than a chip: ` +
        `it snatches.`,
    ],
  }),
  room: ({ num, say, value, limit, thin }) => ({
    title: thin ? 'Tight in the room' : 'Does not fit the room',
    lines: [
      `It takes ${say('length', num('length'))} x ${say('length', num('width'))}; with 0.6 ` +
        `m to pass on one side ${limit} are wanted where ${value} are there.`,
    ],
  }),
  door: ({ value, limit }) => ({
    title: 'Wider than the door',
    lines: [`Its shorter side is ${limit}, the door is ${value}. Plan it in pieces that bolt together.`],
  }),
  bench: ({ value, limit }) => ({
    title: 'Deeper than the bench',
    lines: [`Its shorter side is ${limit}, the bench is ${value} deep.`],
  }),
  floor: ({ value, limit, thin }) => ({
    title: thin ? 'Floor has little to spare' : 'Too heavy for the floor',
    lines: [`All together it weighs ${limit}; the floor carries ${value}.`],
  }),
  'power-short': ({ num, say, value, thin }) => ({
    title: thin ? 'Circuit has little to spare' : 'Circuit is too weak',
    lines: [
      `Drives draw ${say('power', num('axes'))}, the spindle ` +
        `${say('power', num('spindle'))}; ${value} are at hand. What the wiring bears is for ` +
        `the local code and a licensed electrician.`,
    ],
  }),
  'over-budget': ({ f, word, thin }) =>
    f.verdict === 'not-known'
      ? {
          title: 'Money is not all known',
          lines: [
            `Parts that are picked come to ${formatNumber(f.limit, 4)} of ` +
              `${formatNumber(f.value, 4)}; ${word('unpicked')} links have no part yet. Prices ` +
              `are examples.`,
          ],
        }
      : {
          title: thin ? 'Little money left' : 'Over the budget',
          lines: [
            `Parts that are picked come to ${formatNumber(f.limit, 4)}; the budget is ` +
              `${formatNumber(f.value, 4)}. Prices are examples.`,
          ],
        },
  rocks: ({ f, num, say }) => ({
    title: 'Moving mass rocks the stand',
    lines: [
      `${say('mass', num('moving'))} move on ${say('mass', num('standing'))} that stand, 1 ` +
        `: ${formatNumber(1 / f.value, 2)}; below 1 : 2 the stand rocks at rapid accelerations ` +
        `(common practice).`,
    ],
  }),
  tips: ({ f, num, word, say, thin }) => {
    const axis = word('axis');
    const way = word('way') === 'along' ? 'along the bed' : 'across';
    const apart = `${say('length', num('base'))} apart ${way}`;
    if (f.verdict === 'not-known')
      return {
        title: 'Whether it tips is not known',
        lines: [
          num('based')
            ? `Say how high its rails stand above the feet: at the ramps of “${axis}” that decides.`
            : 'Say how far apart its feet stand across: the arm leans out over them.',
        ],
      };
    return {
      title: thin ? 'Feet are hardly held down' : 'It tips',
      lines: num('outside')
        ? [`With “${axis}” at the end of its travel the common centre of mass lies beyond feet ${apart}.`]
        : [
            `“${axis}” slows at ${say('acceleration', num('acceleration'))} at the end of its travel. ` +
              `Weight holds feet ${apart} down ${formatNumber(f.value, 2)} times as hard as inertia lifts ` +
              `them; ${formatNumber(f.limit, 2)} are wanted (common practice).`,
            'Forces of the cut do not tip it, for the work lies on the machine.',
          ],
    };
  },
  creeps: ({ word }) => ({
    title: word('member') === 'beam' ? 'Printed beam creeps' : 'Printed columns creep',
    lines: [
      `What is printed ${word('member') === 'beam' ? 'sags' : 'leans'} a little more every week under a ` +
        `standing load. Print it first, test, then make it of something that stays.`,
    ],
  }),
  'sag-spread': ({ f, word, micro, thin, over }) => ({
    title:
      f.verdict === 'not-known'
        ? 'Sag is not all known'
        : thin
          ? 'Sag nears the accuracy'
          : 'Sags more than the brief allows',
    ...over,
    lines: [
      ...(f.verdict === 'not-known'
        ? [`${word('missing')} inputs that it rests on are not given: it is at least so much.`]
        : []),
      `Over the work area the tool hangs up to ${micro(f.value)} lower at one place than ` +
        `at another; ${micro(f.limit)} is what the brief allows.`,
    ],
  }),
  accuracy: ({ f, p, num, word, micro, thin, over }) => {
    const way = wayText[p.way as WayId];
    const biggest = errorName[p.biggest as ErrorId].toLowerCase();
    if (f.verdict === 'not-known')
      return {
        title: `Accuracy ${way} is not all known`,
        lines: [
          `What is known comes to ${micro(f.value)} of ${micro(f.limit)}` +
            (num('missing') ? `; ${word('missing')} of the causes say nothing yet.` : '.'),
          ...(num('bounds')
            ? [
                `It is at least so much: ${word('bounds')} inputs that it rests on are not given, such as ` +
                  `“${inputLabel(word('first')).toLowerCase()}”.`,
              ]
            : []),
        ],
      };
    return {
      title: thin ? `Accuracy ${way} is thin` : `Not accurate enough ${way}`,
      ...over,
      lines: [
        `Errors likely add to ${micro(f.value)} (${micro(num('worst'))} if all ` +
          `fall the same way); the brief allows ${micro(f.limit)}. The largest: ${biggest}.`,
      ],
    };
  },
  'frame-unknown': ({ num }) =>
    num('planned')
      ? {
          title: 'Frame is not solved',
          lines: ['Until it is, nothing is known of sag, twist and stiffness at the tool.'],
        }
      : {
          title: 'Frame is not planned',
          lines: ['The frame is not given: nothing is known of sag, twist and stiffness at the tool.'],
        },
  'frame-rings': ({ p, num, value, limit }) => ({
    title: 'Frame rings in the ramps',
    lines: [
      `Its lowest frequency is ${formatNumber(num('hertz'), 3)} Hz, ${wayText[p.way as WayId]}; ` +
        `ramps of ${value} are shorter than one swing of ${limit} (common practice).`,
    ],
  }),
};
