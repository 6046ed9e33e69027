/**
 * Threads of screws with all that a hole needs to know of them, in mm: coarse pitch (ISO 261), tap drill
 * (ISO 2306: nominal diameter less pitch, to a drill that is sold), clearance holes fine, medium and coarse
 * (ISO 273), cap head and its key (ISO 4762), counterbore (DIN 974-1), washer and its thickness (ISO 7089).
 */
const metric = `
M   | pitch | drill | fine | medium | coarse | head | key | bore | washer | thick
3   | 0.5   | 2.5   | 3.2  | 3.4    | 3.6    | 5.5  | 2.5 | 6.5  | 7      | 0.5
4   | 0.7   | 3.3   | 4.3  | 4.5    | 4.8    | 7    | 3   | 8    | 9      | 0.8
5   | 0.8   | 4.2   | 5.3  | 5.5    | 5.8    | 8.5  | 4   | 10   | 10     | 1
6   | 1     | 5     | 6.4  | 6.6    | 7      | 10   | 5   | 11   | 12     | 1.6
8   | 1.25  | 6.8   | 8.4  | 9      | 10     | 13   | 6   | 15   | 16     | 1.6
10  | 1.5   | 8.5   | 10.5 | 11     | 12     | 16   | 8   | 18   | 20     | 2
12  | 1.75  | 10.2  | 13   | 13.5   | 14.5   | 18   | 10  | 20   | 24     | 2.5
`;

/**
 * Inch threads in inches: threads to the inch (ASME B1.1), clearance close, normal and loose (ASME B18.2.8),
 * cap head, key and countersunk head (ASME B18.3, the latter from memory), counterbore and washer from
 * memory, tap
 * drill as usually sold.
 */
const inch = `
name    | d     | tpi | fine   | medium | coarse | head  | key    | bore  | washer | thick | drill | sunk
6-32    | 0.138 | 32  | 0.144  | 0.154  | 0.17   | 0.226 | 0.1094 | 0.281 | 0.375  | 0.049 | 0.1065 | 0.307
8-32    | 0.164 | 32  | 0.17   | 0.18   | 0.194  | 0.27  | 0.1406 | 0.312 | 0.438  | 0.049 | 0.136 | 0.359
10-24   | 0.19  | 24  | 0.196  | 0.206  | 0.221  | 0.312 | 0.1563 | 0.375 | 0.5    | 0.049 | 0.1495 | 0.411
10-32   | 0.19  | 32  | 0.196  | 0.206  | 0.221  | 0.312 | 0.1563 | 0.375 | 0.5    | 0.049 | 0.159 | 0.411
1/4-20  | 0.25  | 20  | 0.2656 | 0.2813 | 0.2969 | 0.375 | 0.1875 | 0.438 | 0.625  | 0.065 | 0.201 | 0.531
5/16-18 | 0.3125 | 18 | 0.3281 | 0.3438 | 0.3594 | 0.469 | 0.25   | 0.531 | 0.688  | 0.065 | 0.257 | 0.656
3/8-16  | 0.375 | 16  | 0.3906 | 0.4063 | 0.4219 | 0.562 | 0.3125 | 0.625 | 0.812  | 0.065 | 0.3125 | 0.781
1/2-13  | 0.5   | 13  | 0.5313 | 0.5625 | 0.6094 | 0.75  | 0.375  | 0.812 | 1.062  | 0.095 | 0.4219 | 0.938
`;

export const clearances = ['fine', 'medium', 'coarse'] as const;
export type Clearance = (typeof clearances)[number];

/** A screw thread; lengths in m. */
export interface Thread {
  /** As it is called: `M5`, `1/4-20`. */
  readonly name: string;
  readonly system: 'metric' | 'inch';
  readonly diameter: number;
  readonly pitch: number;
  readonly tapDrill: number;
  readonly clearance: Readonly<Record<Clearance, number>>;
  /** Cap head: its diameter and key; it is as high as the screw is thick. */
  readonly head: number;
  readonly key: number;
  /** Diameter of the counterbore for it. */
  readonly bore: number;
  /** Angle of a countersunk head, rad, and its largest diameter. */
  readonly sink: number;
  readonly sunk: number;
  readonly washer: { readonly diameter: number; readonly thickness: number };
}

const MM = 1e-3;
const IN = 0.0254;
const DEGREES = Math.PI / 180;
/** Diameter of a metric countersunk head over that of its thread (ISO 10642). */
const SUNK = 2.24;

const rowsOf = (table: string): Record<string, string>[] => {
  const [heading, ...lines] = table
    .trim()
    .split('\n')
    .map((l) => l.split('|').map((c) => c.trim()));
  return lines.map((cells) => Object.fromEntries(heading!.map((name, i) => [name, cells[i]!])));
};

function threadOf(row: Record<string, string>, unit: number): Thread {
  const at = (column: string) => Number(row[column]) * unit;
  const isMetric = unit === MM;
  const diameter = at(isMetric ? 'M' : 'd');
  const pitch = isMetric ? at('pitch') : IN / Number(row.tpi);
  return {
    name: isMetric ? `M${row.M}` : row.name!,
    system: isMetric ? 'metric' : 'inch',
    diameter,
    pitch,
    tapDrill: at('drill'),
    clearance: { fine: at('fine'), medium: at('medium'), coarse: at('coarse') },
    head: at('head'),
    key: at('key'),
    bore: at('bore'),
    // ISO 10642 and its inch counterpart.
    sink: (isMetric ? 90 : 82) * DEGREES,
    sunk: isMetric ? SUNK * diameter : at('sunk'),
    washer: { diameter: at('washer'), thickness: at('thick') },
  };
}

/** Every thread, metric ones first, the thinnest first. */
export const threads: readonly Thread[] = [
  ...rowsOf(metric).map((r) => threadOf(r, MM)),
  ...rowsOf(inch).map((r) => threadOf(r, IN)),
];

/** A thread by its name; undefined where there is none of it. */
export const threadNamed = (name: string): Thread | undefined => threads.find((t) => t.name === name);

/** Depth of the counterbore in which a cap head disappears, m: its height and a little more (DIN 974-1). */
export const boreDepth = ({ diameter }: Thread): number => diameter + (diameter <= 6.5 * MM ? 0.4 : 0.6) * MM;

/**
 * Screws that go a few turns into the other's thread and then strip it: near twins, by name.
 * Common practice, no source.
 */
const twins: readonly (readonly [string, string])[] = [
  ['M5', '10-32'],
  ['M6', '1/4-20'],
  ['M8', '5/16-18'],
];

/** Whether two threads are near twins that are easily mixed up. */
export const nearTwins = (a: string, b: string): boolean =>
  twins.some(([m, i]) => (m === a && i === b) || (m === b && i === a));
