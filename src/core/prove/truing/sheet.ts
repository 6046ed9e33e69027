import type { InstrumentKind } from '@/core/model';

/** How the readings of a sheet are taken and worked out. */
export type SheetKind =
  /** Heights or sides of one rail along its length. */
  | 'straight'
  /** Distance or height of one rail against another along their length. */
  | 'parallel'
  /** Posts against the plumb, in two planes. */
  | 'upright'
  /** Ends of what is lifted on screws, low and high. */
  | 'in-step'
  /** Heights of four corners. */
  | 'corners'
  /** One angle between two motions. */
  | 'square'
  /** Both ends of a gantry over the table, at two places of the axis that it runs on. */
  | 'ends'
  /** A motion against the table, in two directions. */
  | 'lean'
  /** Heights along an arm as its head goes out. */
  | 'droop'
  /** Four readings of a swing. */
  | 'tram'
  /** Heights of a table, over a grid. */
  | 'flat'
  /** A screw against its rail, in two planes. */
  | 'screw'
  /** Play of a pinion along its rack. */
  | 'mesh'
  /** Tone of a belt. */
  | 'belt'
  /** Sag of a chain. */
  | 'chain'
  /** Runout of a shaft at two places. */
  | 'runout';

/** What a reading is of. */
export type ReadingOf = 'length' | 'slope' | 'frequency';

/** Where a limit comes from. */
export type GoodFrom = 'brief' | 'guide' | 'practice' | 'said' | 'plan' | 'unknown';

/** What is good enough, SI; null: nobody has said how exact the machine is to be. */
export interface Good {
  readonly value: number | null;
  readonly from: GoodFrom;
}

export interface SheetPlace {
  readonly x: number;
  readonly y: number;
}

export type SheetCaution = 'prop' | 'fingers' | 'shim-edge' | 'wire' | 'power-off' | 'lift' | 'dust';

/** A way to take the readings of a sheet. */
export interface SheetMethod {
  readonly id: string;
  readonly reads: ReadingOf;
  readonly instrument: InstrumentKind;
  readonly others: readonly InstrumentKind[];
  /** 2: every place is read twice, the second time with edge or square turned over. */
  readonly runs: 1 | 2;
}

/** A sheet of truing as it is proposed: what is read, where, with what, and what is good enough. */
export interface SheetPlan {
  /** `rail-b/height`; with the axis where every axis has one: `mesh:bed`. */
  readonly key: string;
  readonly kind: SheetKind;
  /** Id of the axis it belongs to. */
  readonly axis: string | null;
  /** The first method is the one proposed. */
  readonly methods: readonly SheetMethod[];
  readonly places: readonly SheetPlace[];
  /** Where something can be moved: screws along a rail, corners, feet; m. */
  readonly bolts: readonly SheetPlace[];
  /** Whether the places of the bolts are only such as are usual. */
  readonly usualBolts: boolean;
  /** What it is read against; null: itself, or the earth. */
  readonly reference: string | null;
  readonly good: Good;
  readonly cautions: readonly SheetCaution[];
  /** Lengths that the working wants, m, by name: `span`, `height`, `radius`, `turn`. */
  readonly sizes: Readonly<Record<string, number>>;
}

/** Keys begin with the part that is trued; what stands behind the stroke is its direction. */
export const partOf = (key: string): string => key.split('/')[0]!;

const method = (
  id: string,
  instrument: InstrumentKind,
  others: readonly InstrumentKind[] = [],
  more: Partial<Pick<SheetMethod, 'reads' | 'runs'>> = {},
): SheetMethod => ({ id, instrument, others, reads: 'length', runs: 1, ...more });

const DIALS = ['lever-dial', 'dial'] as const;

/** Methods by kind of sheet. */
export const methodsOf: Readonly<Record<SheetKind, readonly SheetMethod[]>> = {
  straight: [
    method('edge-turned', 'dial', ['lever-dial', 'feeler'], { runs: 2 }),
    method('edge', 'dial', ['lever-dial', 'feeler']),
    method('wire', 'wire'),
    method('level', 'machine-level', ['level'], { reads: 'slope' }),
  ],
  parallel: [method('bridge', 'dial', DIALS), method('caliper', 'caliper'), method('tape', 'tape')],
  upright: [
    method('level', 'machine-level', ['level'], { reads: 'slope' }),
    method('plumb', 'caliper', ['ruler']),
  ],
  'in-step': [method('dial', 'dial', DIALS)],
  corners: [method('level', 'machine-level', ['level'], { reads: 'slope' }), method('dial', 'dial', DIALS)],
  square: [
    method('diagonals', 'tape', ['ruler']),
    method('six', 'tape', ['ruler']),
    method('three', 'tape', ['ruler']),
    method('square-turned', 'dial', DIALS, { runs: 2 }),
  ],
  ends: [method('dial', 'dial', DIALS)],
  lean: [method('square-turned', 'dial', DIALS, { runs: 2 }), method('square', 'dial', DIALS)],
  droop: [method('dial', 'dial', DIALS)],
  tram: [method('swing', 'dial', DIALS)],
  flat: [method('dial', 'dial', DIALS)],
  screw: [method('dial', 'dial', ['caliper', 'lever-dial'])],
  mesh: [method('push', 'dial', DIALS)],
  belt: [method('tone', 'tone', [], { reads: 'frequency' }), method('weight', 'ruler', ['caliper', 'dial'])],
  chain: [method('sag', 'ruler', ['caliper'])],
  runout: [method('swing', 'dial', DIALS)],
};
