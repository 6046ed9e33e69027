import type { Figure, GoodFrom, SheetCaution, SheetPlan } from '@/core/prove';
import type { HappeningKind, InstrumentKind } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { micro } from './teller';

/** What is trued, by the part and direction before an axis. */
const titles: Record<string, string> = {
  frame: 'Frame level, no wind',
  'posts/upright': 'Posts upright',
  'posts/apart': 'Posts equally far apart',
  'posts/step': 'Lifting screws in step',
  posts: 'Posts',
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
  weight: 'weight on the span',
  plumb: 'plumb line',
  sag: 'sag',
};

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
  wind: 'wind along the bed, of table and rails',
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
  joint: 'largest step, at a joint',
  near: 'runout by the coupling',
  far: 'runout further out',
  tilt: 'tilt of the shaft',
  'out-of-step': 'screws out of step',
  grows: 'grows over the lift',
};

/** What a figure of a sheet is called. */
export function trueFigureName(id: string): string {
  const [what, count] = id.split('-');
  if (what === 'pull') return `belt ${count}, off the wanted pull`;
  if (what === 'post') return `post ${count}, top off ${id.split('-')[2]}`;
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
  along: 'along the bed',
  across: 'across the bed',
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
  const [post, number, way] = name.split('-');
  if (kind === 'upright' && post === 'post') return `post ${number}, ${way}`;
  if (kind === 'in-step') return `end ${number}, ${post}`;
  if (/^\d+$/.test(name)) return kind === 'corners' ? `corner ${name}` : `place ${name}`;
  return cells[name] ?? name;
}
