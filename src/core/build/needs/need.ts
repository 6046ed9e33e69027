import { oursIn } from '@/core/model';
import type { BarForm } from '../cutting';

/** What kinds of things a machine is made of, as the list names them. */
export const needKinds = [
  'ball-screw',
  'sliding-screw',
  'nut',
  'turning-nut',
  'nut-housing',
  'fixed-block',
  'floating-block',
  'rack',
  'pinion',
  'belt',
  'pulley',
  'idler',
  'belt-clamp',
  'roller-chain',
  'sprocket',
  'cross-shaft',
  'crank-disc',
  'crank-link',
  'guard',
  'counterweight',
  'weight-rope',
  'sheave',
  'weight-guard',
  'gas-spring',
  'gas-spring-mount',
  'shaft-bearing',
  'coupling',
  'reducer',
  'motor',
  'handwheel',
  'part-screws',
  'driver',
  'rail',
  'round-rail',
  'rod',
  'tube-rail',
  'wheel-rail',
  'carriage',
  'bush-block',
  'wheel',
  'rail-screw',
  'rail-cap',
  'screw',
  'washer',
  'hex-nut',
  'insert',
  'dowel',
  'plate',
  'stop',
  'cushion',
  'switch',
  'cable-chain',
  'chain-bracket',
  'motor-cable',
  'switch-cable',
  'connector',
  'bellows',
  'grease',
  'thread-lock',
  'controller',
  'supply',
  'emergency-stop',
  'contactor',
  'spindle',
  'spindle-belt',
  'spindle-pulley',
  'spindle-guard',
  'beam',
  'column',
  'crossbar',
  'bed',
  'strip',
  'foot',
  'member',
  'sheet',
] as const;
export type NeedKind = (typeof needKinds)[number];

/** Figures and names that the words of a need ask for: SI, or a name. */
export type NeedParams = Readonly<Record<string, number | string>>;

/** What a piece is sawn out of: all with one key come out of the same bars. */
export interface NeedSection {
  readonly key: string;
  readonly kind: NeedKind;
  readonly params: NeedParams;
  readonly form: BarForm;
  /** Hardened: wants a wheel, and care. */
  readonly hard: boolean;
}

/** One thing that is wanted. */
export interface Need {
  /** Stays the same while the machine has that link, whatever its size. */
  readonly key: string;
  readonly kind: NeedKind;
  readonly params: NeedParams;
  /** Id of the axis; empty: the machine. */
  readonly owner: string;
  /** Pieces, or metres of what is sold by the metre; null: not known. */
  readonly quantity: number | null;
  readonly by: 'piece' | 'metre';
  /** Beyond what is wanted, as is usual. */
  readonly spare: number;
  /** The model says so, or it goes with such machines: then it is ours and can be refused. */
  readonly origin: 'model' | 'usual';
  /** Whether its size or number rests on figures of ours, which nobody has said yet. */
  readonly guessed: boolean;
  /** Of one piece, kg; null: not known. */
  readonly mass: number | null;
  /** Example price of a piece or metre; null: none. */
  readonly price: number | null;
  /** How many the builder has of this part. */
  readonly onHand: number;
  /** Inputs that are not said, from the root, without which it cannot be bought as it is. */
  readonly open: readonly string[];
  /** Where it is sawn: out of what, and how each piece must be. */
  readonly sawn: { readonly section: NeedSection; readonly pieces: readonly NeedPiece[] } | null;
}

/** One piece to be sawn. */
export interface NeedPiece {
  /** m. */
  readonly length: number;
  /** Of a rail: to its first hole; null: both ends alike, and of what has none. */
  readonly first: number | null;
}

/** What a need is where nothing else is said. */
const plain = {
  params: {},
  owner: '',
  quantity: 1,
  by: 'piece',
  spare: 0,
  origin: 'model',
  guessed: false,
  mass: null,
  price: null,
  onHand: 0,
  open: [],
  sawn: null,
} as const satisfies Partial<Need>;

type Said = Partial<Need> & Pick<Need, 'kind'>;

/** A need; its key follows from whose it is and what, and where there are several, from which. */
export const need = ({ kind, owner = '', ...rest }: Said, which = ''): Need => ({
  ...plain,
  ...rest,
  kind,
  owner,
  key: [owner || 'machine', kind, ...(which ? [which] : [])].join('/'),
});

/** Millimetres as they stand in a key. */
export const mm = (metres: number): string => String(Number((metres * 1000).toFixed(3)));

/** So many pieces of a length, out of one section. */
export const sawnOf = (section: NeedSection, length: number, count: number): NonNullable<Need['sawn']> => ({
  section,
  pieces: Array.from({ length: count }, () => ({ length, first: null })),
});

/** Needs out of some figures of the model: guessed while any of those is ours. */
export const restingOn = (figures: readonly unknown[], needs: readonly Need[]): Need[] =>
  oursIn(figures).length ? needs.map((n) => ({ ...n, guessed: true })) : [...needs];
