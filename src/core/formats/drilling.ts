import Papa from 'papaparse';
import { type Block, writeProgram } from '@/core/program';

/** One hole as a driller reads it; lengths in m. */
export interface DrillRow {
  readonly label: string;
  /** What it joins. */
  readonly part: string;
  readonly face: 'front' | 'back';
  readonly x: number;
  readonly y: number;
  readonly operation: 'drill' | 'tap' | 'ream';
  readonly diameter: number;
  /** Null: through. */
  readonly depth: number | null;
  readonly thread: string | null;
  readonly bore: { readonly diameter: number; readonly depth: number } | null;
  readonly note: string;
}

const mm = (m: number) => String(Number((m * 1000).toFixed(4)));

/** The drill list as CSV: millimetres with a dot, a row a hole. */
export const drillCsv = (rows: readonly DrillRow[]): string =>
  `${Papa.unparse(
    {
      fields: [
        'id',
        'part',
        'face',
        'x_mm',
        'y_mm',
        'op',
        'd_mm',
        'depth_mm',
        'thread',
        'cbore_d_mm',
        'cbore_depth_mm',
        'note',
      ],
      data: rows.map((r) => [
        r.label,
        r.part,
        r.face,
        mm(r.x),
        mm(r.y),
        r.operation,
        mm(r.diameter),
        r.depth === null ? 'through' : mm(r.depth),
        r.thread ?? '',
        r.bore ? mm(r.bore.diameter) : '',
        r.bore ? mm(r.bore.depth) : '',
        r.note,
      ]),
    },
    { newline: '\r\n' },
  )}\r\n`;

/** How a spot drill is driven; lengths in m, speeds in m/s and rad/s. */
export interface SpotDrilling {
  readonly units: 'mm' | 'inch';
  /** Height between the holes, and the feed downwards. */
  readonly safe: number;
  readonly feed: number;
  /** Angle of the tip, rad. */
  readonly tip: number;
  /** Widest spot; each hole is spotted to its own width, up to this. */
  readonly most: number;
  /** Turns of the spindle; null: it is switched on by hand, and the program asks. */
  readonly spindle: number | null;
  /** Pause at the bottom, s, and whether this controller reads it in milliseconds. */
  readonly dwell: number;
  readonly milliseconds: boolean;
  /** Over the work instead of into it. */
  readonly air: boolean;
}

/** Usual figures: 90° tip, 3 mm spots, 0.2 m/min; common practice, no source. */
export const usualSpots: SpotDrilling = {
  units: 'mm',
  safe: 0.005,
  feed: 0.2 / 60,
  tip: Math.PI / 2,
  most: 0.003,
  spindle: null,
  dwell: 0.2,
  milliseconds: false,
  air: true,
};

interface Spot {
  readonly x: number;
  readonly y: number;
}

const far = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);

/** A short way through all spots: always to the nearest, then turned over where that shortens it. */
export function shortWay<S extends Spot>(spots: readonly S[]): readonly S[] {
  const left = [...spots];
  const way: S[] = [];
  let at: Spot = { x: 0, y: 0 };
  while (left.length) {
    const next = left.reduce((best, s, i) => (far(at, s) < far(at, left[best]!) ? i : best), 0);
    at = left[next]!;
    way.push(...left.splice(next, 1));
  }
  const to = (i: number): Spot => (i < 0 ? { x: 0, y: 0 } : way[i]!);
  for (let again = true; again;) {
    again = false;
    for (let i = 0; i < way.length - 1; i++)
      for (let j = i + 1; j < way.length; j++) {
        const after = j + 1 < way.length ? way[j + 1] : undefined;
        const before = far(to(i - 1), way[i]!) + (after ? far(way[j]!, after) : 0);
        const turned = far(to(i - 1), way[j]!) + (after ? far(way[i]!, after) : 0);
        if (turned < before - 1e-9) {
          way.splice(i, j - i + 1, ...way.slice(i, j + 1).reverse());
          again = true;
        }
      }
  }
  return way;
}

/**
 * A program that marks the holes of one face with a spot drill: no canned cycles, nothing but straight moves,
 * so that every class of controller reads it. Zero is the corner of the plate, Z 0 its face.
 * @param name what it drills, for the remark at its head.
 */
export function spotProgram(rows: readonly DrillRow[], how: SpotDrilling, name: string): string {
  const depthOf = ({ diameter }: DrillRow) => Math.min(diameter, how.most) / 2 / Math.tan(how.tip / 2);
  const lift = how.air ? how.safe : 0;
  const up: Block = { does: 'rapid', to: { Z: how.safe + lift } };
  const holes = shortWay(rows).flatMap((row): Block[] => [
    { does: 'rapid', to: { X: row.x, Y: row.y } },
    { does: 'feed', to: { Z: lift - depthOf(row) }, speed: how.feed },
    { does: 'dwell', time: how.dwell },
    up,
  ]);
  const begin: Block =
    how.spindle === null
      ? { does: 'ask', text: 'Is the spindle on?' }
      : { does: 'spindle', speed: how.spindle };
  return writeProgram(
    {
      name: `${name}: spots for ${rows.length} holes`,
      remarks: [
        how.air ? 'AIR PASS: nothing is touched. Watch it first.' : 'Cuts: Z 0 is the face',
        'X 0 Y 0 is the corner of the two reference edges',
      ],
      nought: 'here',
      // In the coordinates of the plate: where it lies on the machine, nobody knows.
      axes: [],
      blocks: [up, begin, ...holes],
    },
    {
      units: how.units,
      dwell: how.milliseconds ? 'milliseconds' : 'seconds',
      remarks: 'brackets',
      exactStop: false,
      end: 'M30',
      line: 120,
    },
  );
}
