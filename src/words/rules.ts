import type { RuleCode } from '@/core/model';
import { formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import type { IssueParams } from '@/core/model';

/** What is said of a broken rule: what was read, what is wanted, and why where that is not plain. */
export interface RuleText {
  readonly read: string;
  readonly wanted: string;
  readonly why?: string;
}

interface RuleTeller {
  readonly p: IssueParams;
  readonly num: (name: string) => number;
  /** The parameter of a name as a quantity in the user's units. */
  readonly say: (kind: Kind, name: string) => string;
  readonly len: (name: string) => string;
}

type RuleWords = (teller: RuleTeller) => RuleText;

const words: Record<RuleCode, RuleWords> = {
  'root-not-below-nominal': ({ len }) => ({
    read: `root ${len('root')}, nominal ${len('nominal')}`,
    wanted: 'a root diameter below the nominal diameter',
    why: 'the thread is cut or rolled into the nominal diameter, so its root is always smaller',
  }),
  'root-too-deep': ({ len }) => ({
    read: `root ${len('root')}, nominal ${len('nominal')}`,
    wanted: 'a root diameter of at least half the nominal diameter',
    why: 'no drive screw is threaded deeper; one of the two figures belongs to another screw',
  }),
  'thread-deeper-than-pitch': ({ len }) => ({
    read: `thread depth ${len('depth')}, pitch ${len('pitch')}`,
    wanted: 'a thread depth no more than about the pitch (lead divided by starts)',
    why: 'standard threads are about half a pitch deep; check lead, starts and root diameter',
  }),
  'thread-too-shallow': ({ p, len }) => ({
    read: `lead ${len('lead')}, starts ${p.starts}, thread depth ${len('depth')}`,
    wanted: `${p.least} starts or more for this lead, or a root that is cut deeper`,
    why:
      'a sliding thread is about half a pitch deep; lead divided by starts is a pitch of ' +
      `${len('pitch')} here, which this depth cannot hold`,
  }),
  'thread-too-steep': ({ say }) => ({
    read: `lead angle ${say('angle', 'lead')}, friction angle ${say('angle', 'friction')}`,
    wanted: 'a lead angle and a friction angle that are less than 89° together',
    why: 'a steeper thread wedges: no torque on the screw moves the nut any more',
  }),
  'travel-beyond-bearings': ({ len }) => ({
    read: `travel ${len('travel')}, between bearings ${len('between')}`,
    wanted: 'a travel no longer than the screw between its bearings',
    why: 'the nut would run into a bearing',
  }),
  'nut-beyond-bearing': ({ len }) => ({
    read: `nut starts at ${len('start')} and travels ${len('travel')}, between bearings ${len('between')}`,
    wanted: 'a nut that stays between the bearings at both ends of travel',
    why: 'start of the nut plus travel must not pass the far bearing',
  }),
  'loose-free-screw': () => ({
    read: 'motor end supported, far end free',
    wanted: 'a fixed motor end where the far end is free',
    why: 'a screw held only by one bearing that lets it tilt is held by nothing',
  }),
  'pinion-too-small': ({ p }) => ({
    read: `${p.teeth} teeth`,
    wanted: `a pinion of ${p.least} teeth or more`,
    why: 'below that the tooth is cut away at its foot or comes to a point, whatever the shift',
  }),
  'sprocket-too-small': ({ p }) => ({
    read: `${p.teeth} teeth`,
    wanted: `a sprocket of ${p.least} teeth or more`,
    why: 'smaller ones jerk the chain by more than 6 % a tooth (1 - cos 180°/z)',
  }),
  'pulley-too-small': ({ p }) => ({
    read: `${p.teeth} teeth`,
    wanted: `a pulley of ${p.least} teeth or more`,
    why: 'the belt would bend more sharply than any belt of these pitches is made for',
  }),
  'segment-not-whole': ({ len }) => ({
    read: `segments of ${len('segment')}, pitch ${len('pitch')}`,
    wanted: 'racks of at least two teeth',
    why: 'a piece of rack holds whole teeth',
  }),
  'travel-beyond-line': ({ len }) => ({
    read: `travel ${len('travel')}, ${len('between')} between the wheels`,
    wanted: 'a travel shorter than the distance between the two ends of the line',
    why: 'the carriage would run into a wheel',
  }),
  'shaft-and-two-motors': () => ({
    read: 'a shaft to both sides and a motor on each side',
    wanted: 'one of the two',
    why: 'the shaft ties both sides already; with two motors leave it out',
  }),
  'feed-above-rapid': ({ say }) => ({
    read: `feed ${say('speed', 'feed')}, rapid ${say('speed', 'rapid')}`,
    wanted: 'a feed no higher than the rapid',
    why: 'controllers never cut faster than the axis may travel',
  }),
  'voltage-above-driver': ({ say }) => ({
    read: `supply ${say('voltage', 'supply')}, driver limit ${say('voltage', 'limit')}`,
    wanted: 'a supply no higher than the driver’s limit',
    why: 'the driver fails at once above it, and braking lifts the voltage further',
  }),
  'current-above-driver': ({ say }) => ({
    read: `set to ${say('current', 'current')}, driver limit ${say('current', 'limit')}`,
    wanted: 'a current no higher than the driver can give',
  }),
  'carriages-overlap': ({ p, len, num }) => ({
    read: `${p.count} carriages of ${len('length')} in a span of ${len('span')}`,
    wanted: `a span of at least ${num('count')} × ${len('length')}`,
    why:
      'carriages on one rail stand one behind the other and may not stand outside the plate that ' +
      'they carry',
  }),
  'span-beyond-rail': ({ len }) => ({
    read: `carriages over ${len('span')}, rail ${len('rail')}`,
    wanted: 'carriages that stand on the rail',
  }),
  'overhang-too-long': ({ len }) => ({
    read: `overhang ${len('overhang')}, carriage ${len('carriage')}`,
    wanted: 'no more than half a carriage past the end of the rail',
    why: 'beyond that the balls of the loaded half leave the rail',
  }),
  'single-rail-tips': () => ({
    read: 'one rail',
    wanted: 'two rails or more',
    why: 'a carriage on round rod or wheels turns about its rail; only profile rails take that moment',
  }),
  'pulleys-against-ratio': ({ p, num }) => ({
    read:
      `${p.motor} teeth on the motor, ${p.drive} on the drive (${formatNumber(num('teeth'), 4)} : 1), ` +
      `ratio ${formatNumber(num('ratio'), 4)} : 1`,
    wanted: 'teeth and ratio that say the same',
    ...(p.swapped ? { why: 'the two pulleys look swapped' } : {}),
  }),
  'pulleys-overlap': ({ len }) => ({
    read: `shafts ${len('centre')} apart`,
    wanted: `shafts more than ${len('least')} apart`,
    why: 'nearer than that the two pulleys would overlap',
  }),
  'wheels-overlap': ({ len }) => ({
    read: `wheels ${len('centre')} apart`,
    wanted: `wheels more than ${len('least')} apart`,
    why: 'nearer than that the two wheels would overlap',
  }),
  'pulleys-need-belt': () => ({
    read: 'pulleys in a planetary reducer',
    wanted: 'pulleys only in a belt stage',
  }),
  'peak-below-rated': ({ say }) => ({
    read: `peak ${say('torque', 'peak')}, rated ${say('torque', 'rated')}`,
    wanted: 'a peak torque no lower than the rated torque',
  }),
  'stall-below-rated': ({ say }) => ({
    read: `stall ${say('torque', 'stall')}, rated ${say('torque', 'rated')}`,
    wanted: 'a stall torque no lower than the rated torque',
  }),
  'rated-above-max-speed': ({ say }) => ({
    read: `rated speed ${say('angularSpeed', 'rated')}, highest ${say('angularSpeed', 'highest')}`,
    wanted: 'a rated speed no higher than the highest speed',
  }),
  'curve-not-falling': ({ p }) => ({
    read: `point ${p.point} of the torque curve`,
    wanted: 'points in order of speed, with torque that falls',
    why: 'a torque curve that rises by more than 5 % from one point to the next was read off wrongly',
  }),
  'rides-on-nothing': () => ({
    read: 'an axis that is not there',
    wanted: 'another axis of this machine, or the stand',
  }),
  'rides-on-itself': () => ({
    read: 'an axis that rides, through others, on this one',
    wanted: 'an axis that does not ride on this one',
    why: 'carried masses would never add up',
  }),
  'nothing-moves': () => ({
    read: 'no body',
    wanted: 'a body on the axis, or an axis that rides on it',
    why: 'without a mass there is nothing to accelerate',
  }),
  'no-room-inside': ({ len }) => ({
    read: len('thickness'),
    wanted: `a thickness below ${len('most')}`,
    why: 'the walls would meet in the middle; for a solid section pick a bar',
  }),
  'wider-than-cutter': ({ len }) => ({
    read: `width ${len('width')}, cutter ${len('diameter')}`,
    wanted: 'a width across the feed no larger than the cutter',
    why: 'a full slot is as wide as the cutter; wider pockets are several passes',
  }),
  'spindle-pulleys-overlap': ({ len }) => ({
    read: `shafts ${len('centre')} apart`,
    wanted: `more than ${len('least')}`,
    why: 'the pulleys would touch',
  }),
  'link-within-crank': ({ len }) => ({
    read: `link ${len('link')}, crank ${len('radius')}`,
    wanted: 'a link that is longer than the crank',
    why: 'it would jam before it comes round',
  }),
  'prop-beyond-beam': ({ len }) => ({
    read: len('at'),
    wanted: `a place on the beam, up to ${len('length')}`,
  }),
  'id-twice': () => ({ read: 'an id that stands twice', wanted: 'an id of its own for every row' }),
};

/** What is wrong where a rule between inputs is broken. */
export function ruleText(code: RuleCode, params: IssueParams, system: UnitSystem): RuleText {
  const num = (name: string) => Number(params[name]);
  const say = (kind: Kind, name: string) => formatQuantity(kind, num(name), system, 6).text;
  return words[code]({ p: params, num, say, len: (name) => say('length', name) });
}

/** Codes of all rules between inputs. */
export const ruleCodes = Object.keys(words) as readonly RuleCode[];

export const isRule = (code: string): code is RuleCode => Object.hasOwn(words, code);
