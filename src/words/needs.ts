import type { LineOrigin, NeedKind, NeedParams } from '@/core/build';
import { paramsOf } from '@/core/build';
import { materials } from '@/core/catalogue';
import { listColumns, type ListRead, type ListWanted } from '@/core/formats';
import type { MaterialId, PartState, SpindleBelt } from '@/core/model';
import { formatNumber, formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { spindleBeltNames } from './spindle';
import { cushionNames, switchNames } from './ends';

/** What the words of a need are made from. */
interface Told {
  readonly p: NeedParams;
  /** A length in the sheet's units; nothing where it is not known. */
  readonly len: (name: string, digits?: number) => string;
  /** A size as parts are called by it: `15`, or `1/2 in` where it is no metric one. */
  readonly size: (name: string) => string;
  readonly num: (name: string) => number;
  readonly word: (name: string) => string;
  /** Another figure in the sheet's units. */
  readonly said: (kind: Kind, name: string) => string;
  /** `, 1640 mm` where it is known. */
  readonly long: (name?: string) => string;
  /** `: Strut` where it has a name. */
  readonly of: (name: string) => string;
  /** A name of the catalogue where a part was picked, else what is said for it. */
  readonly called: (otherwise: string) => string;
}

/** Metric sizes are whole or half millimetres. */
function designation(metres: number, system: UnitSystem): string {
  const mm = metres * 1000;
  const half = Math.abs(mm * 2 - Math.round(mm * 2)) < 1e-6;
  return half ? formatNumber(mm, 5) : formatQuantity('length', metres, system, 4).text;
}

function toldOf(p: NeedParams, system: UnitSystem): Told {
  const num = (name: string) => Number(p[name] ?? -1);
  const len = (name: string, digits = 5) =>
    num(name) > 0 ? formatQuantity('length', num(name), system, digits).text : '';
  const word = (name: string) => String(p[name] ?? '');
  return {
    p,
    num,
    len,
    word,
    size: (name) => (num(name) > 0 ? designation(num(name), system) : 'of unknown size'),
    long: (name = 'length') => (num(name) > 0 ? `, ${len(name)}` : ', length not known'),
    said: (kind, name) => formatQuantity(kind, num(name), system, 3).text,
    of: (name) => (word(name) ? `: ${word(name)}` : ''),
    called: (otherwise) => word('name') || otherwise,
  };
}

const materialName = (id: string) => materials[id as MaterialId]?.name.toLowerCase() ?? id;

/** What a bar is called by its section. */
function sectionText({ p, word, len }: Told): string {
  const of = (names: readonly string[]) => names.map((n) => len(n, 4)).filter(Boolean);
  const sizes = of(['height', 'width', 'diameter', 'thickness', 'wall', 'flange', 'web']);
  const joined = sizes.map((s, i) => (i < sizes.length - 1 ? s.replace(/ \D+$/, '') : s)).join(' × ');
  const kinds: Record<string, string> = {
    'rect-tube': 'Tube',
    'round-tube': 'Round tube',
    bar: 'Bar',
    round: 'Round bar',
    angle: 'Angle',
    'plate-box': 'Box of plates',
    extrusion: 'Extrusion',
  };
  if (p.text !== undefined) return word('text');
  const mitred = p.mitre === undefined ? '' : ', mitred';
  const material = word('material') ? `, ${materialName(word('material'))}` : '';
  return `${kinds[word('section')] ?? 'Bar'} ${joined}${material}${mitred}`;
}

const member = (t: Told) => `${sectionText(t)}${t.long()}`;
const named = (t: Told) => (t.word('name') ? `${t.word('name')}: ${member(t)}` : member(t));

const screwForms: Record<string, string> = {
  ball: 'Ball screw',
  acme: 'Acme screw',
  trapezoidal: 'Trapezoidal screw',
  square: 'Square-thread screw',
  vee: 'Threaded rod',
};
const screwSize = ({ size }: Told) => `${size('diameter')} × ${size('lead')}`;
const bore = ({ size, num }: Told) => (num('bore') > 0 ? `, bore ${size('bore')}` : '');
const joint = ({ word }: Told) =>
  word('group') ? ` · ${word('plate')}, ${word('group').toLowerCase()}` : '';
const sideName = ({ word }: Told) => (word('side') === 'near' ? 'near end' : 'far end');
const tooth = ({ size, num }: Told) =>
  `module ${size('module')}${num('helix') > 1e-6 ? ', helical' : ''}, ${size('width')} wide`;
const line = ({ size, num }: Told) =>
  `pitch ${size('pitch')}${num('width') > 0 ? `, ${size('width')} wide` : ''}`;
const teeth = ({ num }: Told) => `${formatNumber(num('teeth'), 3)} teeth`;
const each = ({ num, len }: Told) =>
  num('each') > 0 ? `${formatNumber(num('count'), 3)} × ${len('each', 3)}` : 'length not known';
const sheet = (t: Told) => {
  const [a, b, c] = ['along', 'across', 'thickness'].map((n) => t.len(n, 4));
  const size = a && b ? ` ${a.replace(/ \D+$/, '')} × ${b}` : '';
  return `${t.word('name')}: ${materialName(t.word('material'))}${size}${c ? `, ${c} thick` : ''}`;
};
const carriage = ({ size, word }: Told) =>
  [size('size'), word('form'), word('row')].filter(Boolean).join(', ');
const motorKinds: Record<string, string> = {
  stepper: 'Stepper',
  servo: 'Servo',
  geared: 'Geared motor',
};
const screwed: Record<string, string> = {
  carriages: 'carriages',
  nut: 'nut',
  blocks: 'end blocks',
  motor: 'motor',
};
const guides: Record<string, string> = { profile: 'Rail', miniature: 'Miniature rail' };

/** Each kind of need with its figures; exhaustive, so that a new kind without words does not compile. */
const words: Record<NeedKind, (t: Told) => string> = {
  'crank-disc': (t) => `Crank disc with its pin, ${t.len('radius', 3)} off the shaft`,
  'crank-link': (t) => `Link with two pins, ${t.len('length', 4)} between them`,
  guard: () => 'Guard over crank and link',
  counterweight: (t) =>
    `Counterweight${t.num('mass') > 0 ? ` ${t.said('mass', 'mass')}` : ''}${t.of('name')}`,
  'weight-rope': (t) => `Rope or chain with both ends clamped${t.of('name')}`,
  sheave: (t) => `Sheave${t.of('name')}`,
  'weight-guard': (t) => `Shaft or cover that the weight runs in${t.of('name')}`,
  'gas-spring': (t) =>
    t.num('force') > 0
      ? `Gas spring ${t.said('force', 'force')}${t.long('stroke').replace(', ', ', stroke ')}${t.of('name')}`
      : `Gas spring${t.of('name')}`,
  'gas-spring-mount': (t) => `End joint of a gas spring${t.of('name')}`,
  'spindle-belt': (t) =>
    `${spindleBeltNames[t.word('belt') as SpindleBelt['kind']] ?? 'Belt'} of the spindle${t.long()}`,
  'spindle-pulley': (t) => {
    const on = t.word('of') === 'motor' ? 'the motor of the spindle' : 'the spindle';
    return `Pulley${t.num('diameter') > 0 ? ` ${t.len('diameter', 4)}` : ''} on ${on}`;
  },
  'spindle-guard': () => 'Guard over belt and pulleys of the spindle',
  handwheel: (t) =>
    t.called(
      `Handwheel, handle ${t.len('radius', 3)} off the shaft` +
        (t.num('lines') > 0 ? `, dial of ${formatNumber(t.num('lines'), 4)} lines` : ''),
    ),
  'ball-screw': (t) => `${screwForms.ball} ${screwSize(t)}${t.long()}`,
  'sliding-screw': (t) => `${screwForms[t.word('form')] ?? 'Screw'} ${screwSize(t)}${t.long()}`,
  nut: (t) => `Nut for ${(screwForms[t.word('form')] ?? 'screw').toLowerCase()} ${screwSize(t)}`,
  'turning-nut': (t) => `Turning nut with its bearing, ${screwSize(t)}`,
  'nut-housing': (t) => `Nut housing for ${t.size('diameter')}`,
  'fixed-block': (t) => `Fixed block for screw ${t.size('diameter')}${bore(t)}, bearings and lock nut`,
  'floating-block': (t) => `Floating block for screw ${t.size('diameter')}${bore(t)}, bearing and ring`,
  rack: (t) => `Rack, ${tooth(t)}`,
  pinion: (t) => `Pinion ${teeth(t)}, ${tooth(t)}`,
  belt: (t) => `Belt, ${line(t)}${t.num('pieces') > 1 ? `, ${t.num('pieces')} pieces` : ''}`,
  pulley: (t) => `Pulley ${teeth(t)}, ${line(t)}`,
  idler: (t) => `Idler, ${line(t)}`,
  'belt-clamp': (t) => `Belt clamp, ${line(t)}`,
  'roller-chain': (t) => `Roller chain, ${line(t)}`,
  sprocket: (t) => `Sprocket ${teeth(t)}, ${line(t)}`,
  'cross-shaft': (t) => `Shaft ${t.size('diameter')}${t.long()}`,
  'shaft-bearing': (t) => `Shaft bearing, bore ${t.size('diameter')}`,
  coupling: (t) => t.called(`${t.word('what')} coupling`.replace(/^./, (c) => c.toUpperCase())),
  reducer: (t) =>
    t.called(
      `${t.word('what') === 'belt' ? 'Belt stage' : 'Planetary gear'} ${formatNumber(t.num('ratio'), 3)} : 1`,
    ),
  motor: (t) => t.called(`${motorKinds[t.word('what')] ?? 'Motor'} ${t.said('torque', 'torque')}`),
  'part-screws': (t) =>
    `Screws ${t.word('thread')} for the ${screwed[t.word('of')] ?? 'part'}, length by what they clamp`,
  driver: (t) => t.called('Driver'),
  rail: (t) => `${guides[t.word('guide')] ?? 'Rail'} ${t.size('size')}${t.long()}`,
  'round-rail': (t) => `Supported shaft ${t.size('size')}${t.long()}`,
  rod: (t) => `Hardened rod ${t.size('size')}${t.long()}`,
  'tube-rail': (t) => `Guide tube ${t.size('size')}${t.long()}`,
  'wheel-rail': (t) => `Track for wheels ${t.size('size')}${t.long()}`,
  carriage: (t) => `Carriage ${carriage(t)}`,
  'bush-block': (t) => `Bearing block ${t.size('size')}`,
  wheel: (t) => `Wheel set ${t.size('size')}`,
  'rail-screw': (t) => `Rail screw ${t.word('thread') || 'of a size not known'}, length by what it goes into`,
  'rail-cap': (t) => `Cap for rail ${t.size('size')}`,
  screw: (t) =>
    `${t.word('thread')}${t.num('length') > 0 ? ` × ${t.size('length')}` : ', length not known,'} ` +
    `${t.word('head') === 'countersunk' ? 'countersunk' : 'cap head'}${joint(t)}`,
  washer: (t) => `Washer ${t.word('thread')}${joint(t)}`,
  'hex-nut': (t) => `Nut ${t.word('thread')}${joint(t)}`,
  insert: (t) => `Threaded insert ${t.word('thread')}${joint(t)}`,
  dowel: (t) => `Dowel ${t.size('diameter')}${joint(t)}`,
  plate: sheet,
  stop: (t) => `Hard stop, ${sideName(t)}`,
  cushion: (t) => `Cushion, ${(cushionNames[t.word('what') as 'foam'] ?? '').toLowerCase()}, ${sideName(t)}`,
  switch: (t) => `Switch, ${(switchNames[t.word('what') as 'lever'] ?? '').toLowerCase()}, ${sideName(t)}`,
  'cable-chain': (t) => `Cable chain, ${formatNumber(t.num('links'), 4)} links, bend ${t.len('radius', 3)}`,
  'chain-bracket': () => 'End bracket of the cable chain',
  'motor-cable': (t) => `Motor cable, ${each(t)}`,
  'switch-cable': (t) => `Switch cable, ${each(t)}`,
  connector: () => 'Connector',
  bellows: (t) => `Bellows for ${t.len('travel', 4)} of travel`,
  grease: () => 'Grease, as the makers of carriages and nut ask',
  'thread-lock': () => 'Thread lock, middle strength',
  controller: (t) => t.called(`Controller for ${formatNumber(t.num('axes'), 2)} axes`),
  supply: (t) =>
    t.called(
      `Supply ${formatNumber(t.num('voltage'), 3)} V` +
        (t.num('power') > 0 ? `, ${formatNumber(t.num('power'), 4)} W` : ''),
    ),
  'emergency-stop': () => 'Emergency stop, latching, normally closed',
  contactor: () => 'Contactor or safety relay for drive power',
  spindle: (t) => `${t.called('Spindle')}, diameter ${t.len('diameter', 3)}`,
  beam: (t) => `Beam: ${member(t)}`,
  column: (t) => `Column: ${member(t)}`,
  crossbar: (t) => `Bar between the feet: ${member(t)}`,
  bed: (t) => `Side of the bed: ${member(t)}`,
  strip: named,
  foot: () => 'Levelling foot',
  member: named,
  sheet,
};

/** What a bar is called that such pieces are sawn out of. */
const barNames: Partial<Record<NeedKind, (t: Told) => string>> = {
  'ball-screw': (t) => `${screwForms.ball} ${screwSize(t)}`,
  'sliding-screw': (t) => `${screwForms[t.word('form')] ?? 'Screw'} ${screwSize(t)}`,
  rack: (t) => `Rack, ${tooth(t)}`,
  'cross-shaft': (t) => `Shaft ${t.size('diameter')}`,
  rail: (t) => `${guides[t.word('guide')] ?? 'Rail'} ${t.size('size')}`,
  'round-rail': (t) => `Supported shaft ${t.size('size')}`,
  rod: (t) => `Hardened rod ${t.size('size')}`,
  'tube-rail': (t) => `Guide tube ${t.size('size')}`,
  'wheel-rail': (t) => `Track for wheels ${t.size('size')}`,
};

/** What all pieces of a section come out of. */
export const sectionName = (kind: NeedKind, params: NeedParams, system: UnitSystem): string =>
  (barNames[kind] ?? sectionText)(toldOf(params, system));

/** What a need is called, with its figures in the units of the sheet. */
export function needName(kind: NeedKind, params: NeedParams, system: UnitSystem): string {
  const told = toldOf(params, system);
  // A bar is called by what it is a bar of.
  if (told.num('bar') > 0) return `${sectionName(kind, params, system)}, bar of ${told.len('bar')}`;
  return words[kind](told);
}

/** A line by what its words need: the builder's own name first. */
export function lineNameOf(
  { kind, own, spec }: { readonly kind: string; readonly own: string; readonly spec: string },
  system: UnitSystem,
): string {
  if (own) return own;
  const params = paramsOf(spec);
  return kind && params ? needName(kind as NeedKind, params, system) : 'A part that is asked for no more';
}

export const stateNames: Record<PartState, string> = {
  'to-buy': 'to buy',
  'on-hand': 'on hand',
  ordered: 'ordered',
  arrived: 'arrived',
  checked: 'checked',
  fitted: 'fitted',
  refused: 'refused',
};

export const originNames: Record<LineOrigin, string> = {
  model: 'the model asks for it',
  usual: 'usual with such machines',
  own: 'your own',
  gone: 'asked for no more',
};

const listWanted: Record<ListWanted, string> = {
  number: 'a number, or nothing',
  whole: 'a whole number, or nothing',
  state: 'one of to-buy, on-hand, ordered, arrived, checked, fitted, refused, or nothing',
  date: 'a day as 2026-12-05, or nothing',
  short: 'a shorter text',
  column: `names of columns, each once: ${listColumns.join(', ')}; key or part among them`,
  'a-row': 'a row with a key or the name of a part',
  rows: 'at most 2000 rows',
  seller: 'the name of who asks that price',
  price: 'what the seller asks for one',
  owner: 'the name of an axis of this machine, or nothing',
  key: 'a key of a line of this list, or nothing beside the name of a part',
};

/** Why a list of parts was not taken: line, column, what was read and what is wanted. */
export const listFaultText = ({ line, field, read, wanted }: Extract<ListRead, { ok: false }>): string =>
  `Line ${line}, ${field}: read “${read}”; wanted ${listWanted[wanted]}. Nothing was taken.`;
