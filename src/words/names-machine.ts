import type { JointKind } from '@/core/catalogue';
import type { Arrangement, Role, StockKind, Work } from '@/core/model';
import type { ErrorId, StructureBodyId, TargetReason, WayId } from '@/core/machine';

export const workNames: Record<Work, string> = {
  router: 'Router',
  plasma: 'Plasma',
  knife: 'Knife',
  foam: 'Foam',
  pen: 'Pen',
  mixed: 'Mixed work',
};

export const arrangementText: Record<
  Arrangement,
  { readonly name: string; readonly good: string; readonly bad: string; readonly limit: string }
> = {
  'moving-gantry': {
    name: 'Moving gantry',
    good: 'Least floor for the sheet; stock lies still, however heavy.',
    bad: 'The whole gantry must be sped up, and both sides must stay square.',
    limit: 'mass of the gantry on the long axis',
  },
  'moving-table': {
    name: 'Moving table',
    good: 'The bridge stands, so it may be heavy and stiff.',
    bad: 'Needs twice the length; heavy stock is sped up with the table.',
    limit: 'length of the room and mass of table and stock',
  },
  cantilever: {
    name: 'Arm',
    good: 'Open on three sides; sheets hang over; one track.',
    bad: 'Sags and sways with its reach to the third power.',
    limit: 'sag and sway at the tip',
  },
  'lifted-two': {
    name: 'Beam lifted on two posts',
    good: 'Short tool, no long plunge axis: stiff at every height.',
    bad: 'Both posts must lift together, and power off lets the beam drop.',
    limit: 'two lifts in step, and their brakes',
  },
  'lifted-four': {
    name: 'Rails lifted on four posts',
    good: 'Deep work with a short tool.',
    bad: 'Four lifts to keep level; the posts sway.',
    limit: 'sway of the posts and four lifts in step',
  },
  'fixed-gantry': {
    name: 'Fixed bridge, lifted head',
    good: 'Stiffest at the tool: only the head moves up and down.',
    bad: 'A cross slide carries table and stock both ways; small work for its size.',
    limit: 'cross slide under the table',
  },
};

export const wayText: Record<WayId, string> = { x: 'along the bed', y: 'along the beam', z: 'up and down' };

/** Parts of a compliance. */
const givingNames: Record<string, string> = {
  beam: 'Beam bends',
  'beam-twist': 'Beam twists',
  column: 'Columns bend',
  'column-twist': 'Columns twist',
  corner: 'Corners',
  crossbar: 'Bar between the feet',
  lift: 'Lifts',
  prop: 'Prop',
  bed: 'Bed and supports',
  'base-drive': 'Bed drive',
  'base-carriages': 'Bed carriages',
  drive: 'Gantry drive',
  carriages: 'Gantry carriages',
  rods: 'Rods',
  plates: 'Plates between carriages',
  plunge: 'Plunge axis',
  'plunge-drive': 'Plunge drive',
  mount: 'Mount',
  table: 'Table',
};

/** Parts of a compliance on an arm, where they are called otherwise. */
const armGivingNames: Readonly<Record<string, string>> = {
  beam: 'Arm bends',
  'beam-twist': 'Arm twists',
  column: 'Block bends',
  'column-twist': 'Block twists',
  corner: 'Clamp of the arm',
  'base-drive': 'Track drive',
  'base-carriages': 'Track carriages',
  drive: 'Drive along the arm',
  carriages: 'Carriages on the arm',
};

/** What gives, by its id in a compliance. */
export const givingName = (id: string, arrangement: Arrangement): string =>
  (isArm(arrangement) && armGivingNames[id]) || (givingNames[id] ?? id);

/** Causes of error. */
/** How two members may be joined. */
export const jointNames: Record<JointKind, string> = {
  welded: 'welded',
  bolted: 'bolted plate',
  dowel: 'cross-dowels or brackets',
  screwed: 'screwed wood',
  printed: 'printed',
};

export const errorName: Record<ErrorId, string> = {
  'lost-motion': 'Lost motion',
  lead: 'Pitch of the drive',
  'wind-up': 'Wind-up of the drive',
  flex: 'Flex under cut',
  heat: 'Heat',
  squareness: 'Out of square',
  sag: 'Sag over the area',
};

const bodyNames: Record<StructureBodyId, string> = {
  beam: 'Beam',
  'both-beams': 'Both beams',
  columns: 'Columns',
  crossbar: 'Bar between the feet',
  'bed-members': 'Bed members',
};

/** Members by what they are on an arm. */
const armBodyNames: Readonly<Record<string, string>> = { beam: 'Arm', columns: 'Block under the arm' };

/** Whether beam and columns are an arm and the block that carries it. */
export const isArm = (arrangement: Arrangement): boolean => arrangement === 'cantilever';

/** What a weighed body is called: its own name, or that of the member of the structure that it is. */
export const bodyName = (
  { name, from }: { readonly name: string; readonly from: string },
  arrangement: Arrangement,
): string => {
  if (from !== 'structure') return name;
  return (isArm(arrangement) && armBodyNames[name]) || (bodyNames[name as StructureBodyId] ?? name);
};

/** What a new axis is called by its role. */
export const roleNames: Record<Role, string> = {
  bed: 'Bed axis',
  gantry: 'Gantry axis',
  plunge: 'Plunge axis',
  table: 'Table axis',
};

/** On an arm nothing is a gantry: a truck runs along the track, and the head along the arm. */
const armRoleNames: Record<Role, string> = { ...roleNames, bed: 'Track axis', gantry: 'Arm axis' };

/** What new things are called until somebody names them. */
export const newNames = {
  machine: 'New machine',
  body: 'Another body',
  cut: 'New cut',
  axis: (role: Role, arrangement: Arrangement) => ({
    axis: (arrangement === 'cantilever' ? armRoleNames : roleNames)[role],
    body: 'All that moves',
  }),
  /** @param day ISO day with which the plan ended. */
  dayPlan: (day: string) => `End of ${day}`,
} as const;

interface StockText {
  readonly name: string;
  /** How far its specific force scatters, where that is more than a range. */
  readonly by?: string;
}

const stockTexts: Record<StockKind, StockText> = {
  foam: { name: 'Rigid foam' },
  softwood: { name: 'Softwood', by: ' by grain' },
  plywood: { name: 'Plywood, MDF' },
  hardwood: { name: 'Hardwood' },
  plastic: { name: 'Acrylic, PE, POM' },
  aluminium: { name: 'Aluminium, wrought' },
  brass: { name: 'Brass, free cutting' },
  'mild-steel': { name: 'Mild steel' },
  sheet: { name: 'Sheet' },
  other: { name: 'Other' },
};

export const stockName = (stock: StockKind): string => stockTexts[stock].name;

/** The range of a specific force, N/mm², in words. */
export function scatterText(stock: StockKind, scatter: readonly [number, number] | null): string {
  if (!scatter) return stock === 'sheet' ? 'not milled' : 'yours to type';
  return `${scatter[0]} to ${scatter[1]}${stockTexts[stock].by ?? ''}`;
}

const workReasons: Record<Work, string> = {
  router: 'router: a 6 mm cutter in plywood wants 3 to 5 m/min for a chip that cuts',
  plasma: 'plasma: thin sheet wants at least 2.5 m/min, and corners are held only by acceleration (v²/r)',
  knife: 'knife: little force, long paths; time goes into rapids',
  foam: 'foam: no force to speak of; the surface shows jerks, not size',
  pen: 'pen: lines show lost motion at once',
  mixed: 'mixed work: the stiffest of the jobs sets the accuracy, the lightest the speed',
};

/** Why a target is proposed. */
export function targetReason({ work, upright, fromAccuracy }: TargetReason): string {
  if (fromAccuracy) return 'half of the accuracy of the brief may be lost at a reversal (common practice)';
  const why = workReasons[work];
  return upright ? `${why}; a plunge axis lifts, and a third of the speed is enough` : why;
}
