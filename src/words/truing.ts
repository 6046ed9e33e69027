import {
  type Figure,
  type GoodFrom,
  type MoveGroup,
  moveGroups,
  type SheetCaution,
  type SheetMove,
  type SheetPlan,
} from '@/core/prove';
import type { HappeningKind, InstrumentKind } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { micro } from './teller';

/** What is trued, by the part and direction before an axis. */
const titles: Record<string, string> = {
  frame: 'Frame level, no wind',
  posts: 'Posts equally far apart',
  'rail-a/height': 'Rail A, height',
  'rail-a/side': 'Rail A, sideways',
  'rail-b/height': 'Rail B, height',
  'rail-b/side': 'Rail B, sideways',
  feet: 'Gantry ends to the table',
  'cross/height': 'Cross rail 1, off its face',
  'cross/side': 'Cross rail 1, along its face',
  'cross-b/height': 'Cross rail 2, off its face',
  'cross-b/side': 'Cross rail 2, along its face',
  square: 'Square',
  'arm/droop': 'Arm, droop and tilt',
  plunge: 'Plunge axis square',
  table: 'Table skimmed flat',
  tram: 'Tram',
  screw: 'screw by its rail',
  mesh: 'mesh of the rack',
  belt: 'pull of the belt',
  chain: 'sag of the chain',
  runout: 'coupling runs true',
};

/** Parts whose sheets go by direction. */
const parts: Record<string, string> = {
  'rail-a': 'Rail A',
  'rail-b': 'Rail B',
  cross: 'Cross rail 1',
  'cross-b': 'Cross rail 2',
  arm: 'Arm',
};

/** Name of a sheet, or of a part of which all directions are meant. */
export function sheetTitle(key: string, axis: string): string {
  const [kind, owner] = key.split(':');
  const title = titles[kind!] ?? parts[kind!] ?? key;
  return owner === undefined ? title : `${axis || owner}: ${title}`;
}

export const instrumentNames: Record<InstrumentKind, string> = {
  dial: 'dial indicator',
  'lever-dial': 'lever indicator',
  caliper: 'caliper',
  tape: 'tape',
  wire: 'taut wire and microscope or paper',
  'straight-edge-1': 'straight edge, DIN 874/1',
  'straight-edge-2': 'straight edge, DIN 874/2',
  'square-0': 'square, DIN 875/0',
  'square-1': 'square, DIN 875/1',
  'square-2': 'square, DIN 875/2',
  'machine-level': 'machine level',
  level: 'builder’s level',
  feeler: 'feeler gauges',
  ruler: 'steel ruler',
  scale: 'spring scale',
  tone: 'tone of the belt (microphone or ear)',
};

/** Methods by sheet kind and id: what they are called. */
export const methodNames: Record<string, string> = {
  'edge-turned': 'straight edge, turned over',
  edge: 'straight edge',
  wire: 'taut wire',
  level: 'level',
  bridge: 'indicator on a bridge',
  caliper: 'caliper',
  tape: 'tape',
  dial: 'indicator',
  diagonals: 'two diagonals',
  six: 'four sides and two diagonals',
  three: 'three sides (3-4-5)',
  'square-turned': 'square, turned over',
  square: 'square',
  swing: 'swing',
  push: 'push to and fro',
  tone: 'tone',
  sag: 'sag',
};

const UP = 'Plunger pushed in reads +: the rail is high there.';
const SIDE = 'Both readings are + where the rail strays to the + side.';

/** How a sheet is set up and read, by its kind and the method. */
export function methodHow({ kind, key }: Pick<SheetPlan, 'kind' | 'key'>, method: string): string {
  const side = key.endsWith('/side');
  const how: Record<string, string> = {
    'straight/edge-turned':
      'Lay the straight edge beside the rail on equal blocks. Read every station, turn the edge over ' +
      'about its ' +
      `long axis, put the dial on its other side, and read the same stations again. ${SIDE}`,
    'straight/edge':
      `Indicator on a carriage or foot, along a straight edge that you trust. ` + `${side ? SIDE : UP}`,
    'straight/wire':
      'Stretch a steel wire beside the rail from end to end, and read the distance at every station. ' +
      'Sideways a ' +
      'wire is straight; in height it sags, so take it sideways only, or add its sag.',
    'straight/level':
      'A level on a foot as long as one station. Step from end to end, each foot where the one before ' +
      'stood. + ' +
      'where the far end is high.',
    'parallel/bridge': side
      ? 'A bridge from the carriage on rail A, its indicator against the side of rail B. + where B is ' +
        'too near.'
      : `A bridge from the carriage on rail A, its indicator on top of rail B. ${UP}`,
    'parallel/caliper': 'Distance of both rails at every station, over the same faces.',
    'parallel/tape': 'Distance of both rails at every station. A tape decides little here.',
    'corners/level':
      'A level along each of the four sides. + where the end towards +X or +Y is high. Turn it end for ' +
      'end and ' +
      'take the mean.',
    'corners/dial': 'Heights of the four corners, one round, over the same surface.',
    'square/diagonals': 'Mark four corners with the tool itself and measure both diagonals with one pull.',
    'square/six': 'Mark four corners with the tool itself; measure the four sides and both diagonals.',
    'square/three': 'Mark a corner and two ends with the tool; measure both sides and the long one.',
    'square/square-turned':
      'Set the stock of a square to the long axis, run an indicator along its blade with the cross ' +
      'axis: near ' +
      'end, far end. Turn the square over about its blade and read both again, the indicator kept as it ' +
      'is. + ' +
      'where the tool strays to +X.',
    'ends/dial':
      'An indicator at the left end of the gantry, then at the right, over the table: near end of the ' +
      'bed, then ' +
      'far. It reads more where the gantry is low.',
    'lean/square':
      'Indicator at the tool, up and down a square that stands on the table; across, then along.',
    'lean/square-turned':
      'Indicator at the tool, up and down a square that stands on the table, across and along; then ' +
      'once more ' +
      'with the square turned over.',
    'droop/dial': 'Indicator at the tool on a level surface, the real head on, at four reaches of the arm.',
    'tram/swing': 'Indicator in the spindle, turned by hand: right, back, left, front. Drive power off.',
    'flat/dial': 'Indicator at the tool, over nine places of the table.',
    'screw/dial':
      'Indicator on the carriage against the screw, near, middle, far; mean over a turn of the screw.',
    'mesh/push':
      'Lock the pinion. Push the carriage both ways and read the play: every third of a pinion turn ' +
      'over two ' +
      'turns, then every 200 mm.',
    'belt/tone': 'Pluck the free span and take its tone. Type it in Hz, or let the microphone listen.',
    'chain/sag': 'A straight edge over the span, a light push: the sag in the middle.',
    'runout/swing':
      'Indicator on the shaft, one slow turn: the whole swing. By the coupling, then 50 mm further.',
  };
  return how[`${kind}/${method}`] ?? '';
}

export const cautionWords: Record<SheetCaution, string> = {
  prop: 'Prop the gantry or head before you loosen a bolt that it hangs on.',
  fingers: 'Keep fingers out from between carriage and stop.',
  'shim-edge': 'Shims have edges.',
  wire: 'A taut wire whips when it breaks: goggles.',
  'power-off': 'Drive power off, locked, before hands go in.',
  lift: 'Above 25 kg lift with two, or with a jack.',
  dust: 'Skimming throws chips and dust: guard, eyes, lungs.',
};

export const goodFromWords: Record<GoodFrom, string> = {
  brief: 'a sixth of what the brief asks (common practice)',
  guide: 'what such guides take (memory)',
  practice: 'common practice, no source',
  said: 'as you said',
  plan: 'what the plan reckons with, within 15 % (common practice)',
  unknown: 'not known: say in Brief how exact the work is to be',
};

export const happeningWords: Record<HappeningKind, string> = {
  loosened: 'loosened',
  machined: 'machined',
  moved: 'moved',
  replaced: 'replaced',
  hit: 'hit',
};

const figureNames: Record<string, string> = {
  zone: 'least band',
  range: 'width of the band',
  twist: 'twist, each corner',
  'level-x': 'out of level along',
  'level-y': 'out of level across',
  gamma: 'out of square',
  'left-over': 'left over',
  roll: 'one end lower',
  wind: 'wind along the bed',
  across: 'out of square, across',
  along: 'out of square, along',
  drop: 'drop over the reach',
  sag: 'sag besides',
  'lean-right': 'top leans to the right',
  'lean-back': 'top leans back',
  flat: 'flatness',
  height: 'in height',
  side: 'sideways',
  tightest: 'tightest mesh off 0.035 mm',
  wave: 'wave of the pinion',
  rise: 'rise along the rack',
  near: 'runout by the coupling',
  far: 'runout further out',
  tilt: 'tilt of the shaft',
};

/** What a figure of a sheet is called. */
export function trueFigureName(id: string): string {
  const [what, count] = id.split('-');
  if (what === 'pull') return `belt ${count}, off the wanted pull`;
  if (what === 'sag' && count) return `chain ${count}, off the wanted sag`;
  return figureNames[id] ?? id;
}

/** A slope as builders read it. */
const slopeText = (si: number, system: UnitSystem) => formatQuantity('slope', si, system, 3).text;

/** A figure of truing in the units of the sheet. */
export function trueText(of: Figure['of'], si: number, system: UnitSystem): string {
  if (of === 'slope') return slopeText(si, system);
  if (of === 'force') return formatQuantity('force', si, system, 3).text;
  return of === 'ratio' ? formatNumber(si, 3) : micro(si, system);
}

const cells: Record<string, string> = {
  near: 'near side',
  right: 'right side',
  far: 'far side',
  left: 'left side',
  rising: 'diagonal from corner 1',
  falling: 'other diagonal',
  along: 'along X',
  across: 'along Y',
  third: 'long side',
  'blade-near': 'blade, near end',
  'blade-far': 'blade, far end',
  'turned-near': 'turned, near end',
  'turned-far': 'turned, far end',
  'near-left': 'near, left end',
  'near-right': 'near, right end',
  'far-left': 'far, left end',
  'far-right': 'far, right end',
  'across-low': 'across, low',
  'across-high': 'across, high',
  'along-low': 'along, low',
  'along-high': 'along, high',
  back: 'back',
  front: 'front',
  coupling: 'by the coupling',
  further: '50 mm further',
};

/** What a reading is called where it is no place along a length. @param kind of the sheet. */
export function cellName(kind: SheetPlan['kind'], name: string): string {
  if (kind === 'tram' && (name === 'right' || name === 'left')) return name;
  if (/^\d+$/.test(name)) return kind === 'corners' ? `corner ${name}` : `place ${name}`;
  return cells[name] ?? name;
}

/** From least to greatest, where they differ. */
const span = (low: number, high: number, system: UnitSystem) => {
  const say = (v: number) => micro(Number(v.toPrecision(2)), system);
  const [a, b] = [say(Math.min(Math.abs(low), Math.abs(high))), say(Math.max(Math.abs(low), Math.abs(high)))];
  return a === b ? a : `${a} to ${b}`;
};

/** Moves of bolts side by side in words; they are counted from one. */
function groupText({ kind, first, last, low, high }: MoveGroup, system: UnitSystem): string {
  const many = first !== last;
  const at = many ? `${first + 1} to ${last + 1}` : String(first + 1);
  const how = span(low, high, system);
  if (kind === 'raise') return `corner ${at} up ${how}`;
  if (kind === 'shim') return `${many ? 'bolts' : 'bolt'} ${at}: shim ${how}`;
  return `${many ? 'bolts' : 'bolt'} ${at}: ${how} to ${low < 0 ? '−' : '+'}`;
}

/** A move of what is no bolt. */
function soloText({ kind, by }: SheetMove, system: UnitSystem): string {
  const how = micro(Math.abs(by), system);
  switch (kind) {
    case 'home':
      return `pull-off of the end at the larger y: ${by < 0 ? '−' : '+'}${how}`;
    case 'top-shim':
      return `shim ${how} behind the top of the plate`;
    case 'bottom-shim':
      return `shim ${how} behind the bottom of the plate`;
    case 'turn-left':
      return `turn the top ${how} to the left`;
    case 'turn-right':
      return `turn the top ${how} to the right`;
    default:
      return `${by < 0 ? 'closer' : 'away'} by ${how}`;
  }
}

/** All moves of a sheet in words, bolts side by side together. */
export const moveTexts = (moves: readonly SheetMove[], system: UnitSystem): readonly string[] => [
  ...moveGroups(moves).map((g) => groupText(g, system)),
  ...moves.filter((m) => m.bolt === null).map((m) => soloText(m, system)),
];
