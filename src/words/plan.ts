import type {
  GivenUp,
  NamedBody,
  PlanKind,
  PlanNames,
  Refusal,
  ToldFigure,
  TooSoft,
  WayOut,
  WishCode,
} from '@/core/plan';
import { type FrameKind, type Job, jobs, roles } from '@/core/model';
import { formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { newNames } from './names-machine';
import { checkNameOf } from './remedies';

interface JobText {
  readonly name: string;
  /** The cut that is usual, as its row is called. */
  readonly cut: string;
}

const jobTexts: Readonly<Record<Job, JobText>> = {
  board: { name: 'Boards and sheets of wood', cut: 'Full slot, 6 mm cutter in plywood' },
  slab: { name: 'Slabs and planks, made flat', cut: 'Surfacing cutter 50 mm in hardwood' },
  plastic: { name: 'Plastics', cut: 'Full slot, 6 mm one-flute cutter' },
  aluminium: { name: 'Aluminium', cut: 'Full slot, 6 mm one-flute cutter, 1 mm deep' },
  steel: { name: 'Steel, milled', cut: 'Full slot, 6 mm cutter, 1 mm deep' },
  plasma: { name: 'Steel plate, by plasma', cut: 'Plasma cut in sheet' },
  foam: { name: 'Foam', cut: 'Foam blade or hot wire' },
  knife: { name: 'Cloth, card and vinyl, by knife', cut: 'Drag knife' },
  pen: { name: 'Pen and brush', cut: 'Pen on paper' },
};

export const jobName = (job: Job): string => jobTexts[job].name;

export const frameNames: Readonly<Record<FrameKind, string>> = {
  steel: 'Steel tube',
  aluminium: 'Slotted aluminium extrusion',
  wood: 'Glued plywood',
};

const bodyNames: Readonly<Record<NamedBody, string>> = {
  head: 'Head with clamp, cutter and hose',
  'plunge-plate': 'Plate of the plunge axis',
  'plunge-rails': 'Rails of the plunge axis',
  saddle: 'Saddle plate',
  'saddle-carriages': 'Carriages on the saddle',
  'plunge-drive': 'Drive of the plunge axis',
  'gantry-rails': 'Rails on the beam',
  'gantry-drive': 'Drive of the gantry axis',
  'gantry-motor': 'Motor of the gantry axis, riding along',
  ends: 'End plates of the gantry',
  'bed-carriages': 'Carriages under the gantry',
  'bed-motors': 'Motors that ride along',
  'bed-drive': 'Drive of the table',
  'bed-rails': 'Rails and drive of the bed',
  hose: 'Cable chain and hose, the half that moves',
  table: 'Table',
  'table-carriages': 'Carriages under the table',
  stock: 'Stock on the table',
  stand: 'Stand with feet',
  under: 'What lies under the work',
  cabinet: 'Cabinet',
  ballast: 'Ballast in the stand',
};

const byKey = <K extends string, T>(keys: readonly K[], of: (key: K) => T) =>
  Object.fromEntries(keys.map((k) => [k, of(k)])) as Record<K, T>;

/** What the parts of a plan are called. */
export const planNames: PlanNames = {
  axis: byKey(roles, (role) => newNames.axis(role, 'moving-gantry')),
  armAxis: byKey(roles, (role) => newNames.axis(role, 'cantilever')),
  body: bodyNames,
  cut: byKey(jobs, (job) => jobTexts[job].cut),
};

export const planKindNames: Readonly<Record<PlanKind, string>> = {
  cheapest: 'Cheapest that holds',
  stiffest: 'Stiffest for the money',
  drawer: 'Most out of the drawer',
  sure: 'Least that is thin',
  other: 'Another arrangement',
};

/** What gave out where an attempt came to nothing. */
const failNames: Readonly<Record<string, string>> = {
  guide: 'no guide is left for one of the axes',
  drive: 'no drive train of the catalogue holds',
  stiffness: 'the frame gives too much, whatever section of it is taken',
  rounds: 'what is carried and what carries it did not come to rest',
  accuracy: 'the errors at the tool are larger than the accuracy that is asked',
  'sag-spread': 'the beam hangs through more than the accuracy that is asked',
  room: 'it does not fit into the room',
  door: 'it does not go through the door',
  bench: 'it does not stand on the bench',
  floor: 'the floor does not carry it',
  'power-short': 'it asks for more power than there is',
  'passes-between': 'the work does not pass between the columns',
  'spindle-short': 'the spindle has not the power for the cut',
  'chip-thick': 'the chip is too thick for the cutter',
  'chip-rubs': 'the cutter rubs: the chip is too thin',
};

export const failText = (why: string): string => failNames[why] ?? `a check gives out (${why})`;

const wishNames: Readonly<Record<WishCode, string>> = {
  budget: 'the budget',
  room: 'the room',
  bench: 'the bench',
  power: 'the power at hand',
  floor: 'what the floor carries',
  arrangement: 'the arrangement',
  frame: 'what the frame is made of',
  refused: 'what is not wanted',
  accuracy: 'the accuracy',
  cut: 'the depth of the cut',
  height: 'the height of the work',
  width: 'the width of the work area',
  length: 'the length of the work area',
};

const wishKinds: Readonly<Partial<Record<WishCode, Kind>>> = {
  room: 'length',
  bench: 'length',
  power: 'power',
  floor: 'mass',
  accuracy: 'length',
  cut: 'length',
  height: 'length',
  width: 'length',
  length: 'length',
};

const valueText = (wish: WishCode, si: number, system: UnitSystem): string => {
  const kind = wishKinds[wish];
  return kind ? formatQuantity(kind, si, system, 3).text : si.toFixed(0);
};

/** A way out of a conflict in one line: what gives way, from what to what, and the money then. */
export function wayOutText({ gives, money }: WayOut, system: UnitSystem): string {
  const each = gives.map(({ wish, from, to }) => {
    const name = wishNames[wish];
    if (to === null || from === null) return `${name} left open`;
    return `${name} ${valueText(wish, to, system)} instead of ${valueText(wish, from, system)}`;
  });
  const said = each.join(', and ');
  const from = gives.some((g) => g.wish === 'budget') ? '' : `: from ${money.toFixed(0)}`;
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}${from}.`;
}

const told: Readonly<Record<ToldFigure, { readonly kind: Kind | null; readonly says: string }>> = {
  rapid: { kind: 'speed', says: 'speed: rapids of' },
  stiffness: { kind: 'stiffness', says: 'stiffness:' },
  error: { kind: 'length', says: 'exactness: a likely error of' },
  money: { kind: null, says: 'money:' },
  moving: { kind: 'mass', says: 'lightness: moves' },
  thin: { kind: null, says: 'room to spare: thin in' },
};

const figureText = (figure: ToldFigure, value: number, system: UnitSystem): string => {
  const { kind } = told[figure];
  if (kind) return formatQuantity(kind, value, system, figure === 'error' ? 2 : 3).text;
  return figure === 'thin' ? `${value} ${value === 1 ? 'place' : 'places'}` : value.toFixed(0);
};

/** What a plan gives up against another, with both numbers. @param letters of the plans, by place. */
export function givenUpText(
  { figure, own, other, than }: GivenUp,
  letters: string,
  system: UnitSystem,
): string {
  const [mine, theirs] = [own, other].map((v) => figureText(figure, v, system));
  return `${told[figure].says} ${mine}, where ${letters.charAt(than)} has ${theirs}`;
}

/** What is nearest to giving out, where a check of the whole says it. */
const limitNames: Readonly<Record<string, string>> = {
  'corner-slow': 'tight corners, which it takes slower than the feed',
  accuracy: 'the accuracy that is asked',
  'sag-spread': 'the sag of the beam over the width',
  'frame-rings': 'the frame, which rings at the end of a ramp',
  rocks: 'the stand, which rocks when the gantry turns round',
  tips: 'the feet, when it speeds up at the end of its travel',
  room: 'the room',
  door: 'the door',
  'power-short': 'the power at hand',
  'over-budget': 'the budget',
  'table-bed': 'the bed under the table',
  'spindle-short': 'the power of the spindle',
};

export const planLimitText = (code: string): string => limitNames[code] ?? checkNameOf(code);

/** What a builder means by an accuracy, coarse first; m, ±. Common practice, no source. */
export const accuracyWords: readonly (readonly [accuracy: number, says: string])[] = [
  [1e-3, 'a garden gate'],
  [0.5e-3, 'a barn door'],
  [0.2e-3, 'a drawer front'],
  [0.1e-3, 'a sliding lid'],
  [0.05e-3, 'a bearing seat'],
];

/**
 * What a machine cannot do, in words: work that it is too soft for, and what it is not exact enough for.
 * @param error that is likely at the tool, m.
 */
export function cannotText(
  soft: readonly TooSoft[],
  stiffness: number,
  error: number,
  system: UnitSystem,
): readonly string[] {
  const say = (kind: Kind, si: number) => formatQuantity(kind, si, system, 2).text;
  const work = soft.map(
    ({ job, wants }) => `${jobTexts[job].name.toLowerCase()} (wants some ${say('stiffness', wants)})`,
  );
  const finest = accuracyWords.find(([accuracy]) => accuracy < error);
  return [
    ...(work.length ? [`It is too soft for ${work.join('; ')}: it has ${say('stiffness', stiffness)}.`] : []),
    ...(finest
      ? [
          `It is not for ${finest[1]} (± ${say('length', finest[0])}): its error is likely to be ` +
            `± ${say('length', error)}.`,
        ]
      : []),
  ];
}

/** From how many kilograms two lift; common practice, local rules differ. */
const TWO_LIFT = 25;

const cutting: Readonly<Record<Job, readonly string[]>> = {
  board: [
    'Workholding: a spoil board to screw into, clamps or a vacuum bed; a board that lifts is thrown.',
    'Dust: a hood on the head, an extractor for fine dust, a mask; ' +
      'fine wood dust harms the lungs and can burn.',
    'Noise: hearing protection; spindle and cutter are loud for hours.',
  ],
  slab: [
    'Workholding: stops and wedges on all sides; a slab rocks on its high spots, shim it.',
    'Chips: they come by the sack; an extractor with a wide hose, a mask.',
    'Noise: hearing protection; a wide cutter is loud.',
  ],
  plastic: [
    'Workholding: clamps or tape; thin sheets lift and shatter.',
    'Chips melt where they stay: air on the cutter, single flutes.',
    'Noise: hearing protection.',
  ],
  aluminium: [
    'Workholding: a vice or a fixture plate; nothing is held by tape alone.',
    'Chips and mist: a splash guard; air or a mist of coolant, and extraction where there is mist.',
    'Noise: hearing protection; safety glasses, chips fly hot.',
  ],
  steel: [
    'Workholding: a vice on a true plate, bolted through.',
    'Chips are hot and sharp: a closed guard, safety glasses, no gloves near the spindle.',
    'Coolant: a tray that holds all of it.',
  ],
  plasma: [
    'Fume: a water table or extraction from below, and fresh air. ' +
      'No aluminium over standing water: it makes hydrogen.',
    'Torch height: a control that follows the sheet by the arc’s voltage, and a touch-off; ' +
      'without it cuts wander.',
    'Electrical noise: shielded cables, earth in one point, drives away from the torch’s lead.',
    'Light and fire: welding shade, nothing that burns within three metres, an extinguisher at hand.',
  ],
  foam: [
    'Fume of hot foam is poisonous: cut it in moving air, some foams not at all.',
    'Workholding: pins or a light vacuum; a wire needs none.',
  ],
  knife: [
    'Workholding: a vacuum bed or tape all round; cloth creeps before a knife.',
    'The blade stays sharp when the machine rests: park it covered.',
  ],
  pen: ['Holding: magnets or tape; paper curls under a wet brush.'],
};

/**
 * What a machine needs beside its drives, by what it does.
 * @param heaviest piece, kg. @param door clear width, m; null: not said.
 */
export function besidesOf(
  job: Job,
  heaviest: number,
  door: number | null,
  system: UnitSystem,
): readonly string[] {
  const mass = formatQuantity('mass', heaviest, system, 2).text;
  const lift =
    heaviest >= TWO_LIFT ? `the heaviest piece weighs about ${mass}: two people or a hoist` : `about ${mass}`;
  const through = door === null ? 'measure the way in' : 'hold it against the door and the stairs on the way';
  return [
    'Switches at both ends of every driven axis, wired so that a broken wire stops the machine.',
    'Emergency stop: a latching switch that takes power off motors and tool, within reach of your hand. ' +
      'Mains wiring follows your local code; have it checked by somebody licensed for it.',
    'Guards: covers over racks, belts and screws; nobody reaches in while it is armed.',
    ...cutting[job],
    `Heaviest lift: ${lift}; ${through}.`,
    'Lead times: rails, screws and racks often take three to six weeks by mail; order them before the tube.',
    'Easy to better later: spindle, controller, drivers and supply, motors of the same flange. ' +
      'Hard: travel, rails and beam; there a size more pays now.',
  ];
}

/** What is not proposed though it may compute, and why. Common practice, no source. */
export const refusalTexts: Readonly<Record<Refusal, string>> = {
  'plunge-line': 'A rack, belt or chain on a plunge axis: the head falls when its motor is off.',
  'threaded-rod': 'Threaded rod as a lead screw: it rubs, wears and whips.',
  'fine-chain': 'Chain for less than ± 0.5 mm: its links stretch and ripple.',
  'metal-line': 'Belts and sliding screws where metal is milled: too soft, too much play.',
  'short-rack':
    'A rack under a mill’s axis of less than 1.2 m: a screw is cheaper there, truer, and keeps dirt out.',
  'long-screw': 'A screw for more than 2 m of travel: it whips, or is thicker than anybody lifts.',
  'fine-teeth': 'Racks finer than module 1.5 under a mill, and pinions of fewer than 15 teeth.',
  'small-motor': 'Motors that hold less than 1 N·m on a mill.',
  'big-motor': 'Motors of size 34, or servos from 750 W, for what two hands lift.',
  'small-driver': 'A driver that cannot give its motor the current that it is rated for.',
  'fast-stepper': 'A stepper beyond 1500 turns a minute at rapid: nobody counts on its torque there.',
  'thin-belt': 'Belts narrower than 15 mm, or of 3 mm pitch, on a mill.',
  'thin-screw': 'Screws thinner than 12 mm on a mill, or than 16 mm where it mills metal.',
  'thick-screw': 'Screws thicker than 25 mm under less than 1.5 m, or than 20 mm on a plunge axis for wood.',
  'slow-reducer': 'A reducer on a screw, which is one itself, or one slower than 10 : 1.',
  'fine-rack': 'Helical and ground racks where a tenth of a millimetre is not asked for.',
  'soft-frame': 'A frame of wood for metal, or of slotted extrusion for steel.',
  'long-table': 'A table that travels with a piece of more than 0.8 m: it needs twice the room.',
  'wide-slide': 'A cross slide for more than half a metre.',
  'long-arm': 'An arm for a mill, or one that reaches farther than 0.8 m: it does not hold still.',
  'needless-lift': 'A lifted gantry for work lower than 0.3 m: a plunge axis does that.',
};
