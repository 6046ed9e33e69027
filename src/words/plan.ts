import type { GivenUp, NamedBody, PlanKind, PlanNames, ToldFigure, WayOut, WishCode } from '@/core/plan';
import type { FrameKind, Job } from '@/core/model';
import { formatQuantity, type Kind, type UnitSystem } from '@/core/units';
import { newNames } from './names-machine';

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

/** What the parts of a plan are called. */
export const planNames: PlanNames = {
  axis: newNames.axis,
  body: (of) => bodyNames[of],
  cut: (job) => jobTexts[job].cut,
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
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}: from ${money.toFixed(0)}.`;
}

const told: Readonly<Record<ToldFigure, { readonly kind: Kind | null; readonly says: string }>> = {
  rapid: { kind: 'speed', says: 'rapids at' },
  stiffness: { kind: 'stiffness', says: 'stiffness: gives way at' },
  error: { kind: 'length', says: 'exactness: likely error' },
  money: { kind: null, says: 'money: costs' },
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
  return `${told[figure].says} ${mine}, ${letters.charAt(than)} ${theirs}`;
}
