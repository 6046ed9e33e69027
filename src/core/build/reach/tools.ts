import { threadNamed } from '@/core/fit';

/** What turns a screw. */
export const toolKinds = ['key', 'key-long', 'driver', 'ratchet', 'ball'] as const;
export type ToolKind = (typeof toolKinds)[number];

/**
 * A tool on a screw, m: a shaft that stands on its head, and an arm that swings at the end of it. A ball-end
 * key may lean. `swing` is the least turn that lets it be set anew, rad.
 */
export interface Tool {
  readonly kind: ToolKind;
  /** Across flats of the socket, m. */
  readonly size: number;
  readonly shaft: number;
  readonly radius: number;
  readonly arm: number;
  readonly swing: number;
  /** How far it may stand off the axis of the screw, rad. */
  readonly lean: number;
  /** The share of the torque that it is good for. */
  readonly torque: number;
}

/** Long and short arm of a hex key by its size, mm; ISO 2936, from memory. */
const KEYS: Readonly<Record<string, readonly [long: number, short: number]>> = {
  '1.5': [45, 14],
  '2': [50, 16],
  '2.5': [56, 18],
  '3': [63, 20],
  '4': [70, 25],
  '5': [80, 28],
  '6': [90, 32],
  '8': [100, 36],
  '10': [112, 40],
};

const DEGREES = Math.PI / 180;
const mm = (value: number) => value / 1000;
/** A hex is set anew every sixth of a turn, a ratchet every tooth; from memory. */
const [HEX, TOOTH] = [60 * DEGREES, 10 * DEGREES];
/** T handle, bit in a small ratchet, how far a ball end leans; common practice, no source. */
const DRIVER = { shaft: mm(150), radius: mm(16) } as const;
const RATCHET = { head: mm(30), bit: mm(30), radius: mm(16), arm: mm(140) } as const;
const BALL = 25 * DEGREES;
/** How deep a key sits in its socket, in diameters of the screw (ISO 4762: half of it). */
const SOCKET = 0.5;

/** Arms of the key for a socket: that of the next size in the table. */
function keyFor(size: number): readonly [number, number] {
  const near = Object.entries(KEYS).reduce((a, b) =>
    Math.abs(Number(a[0]) - size * 1000) <= Math.abs(Number(b[0]) - size * 1000) ? a : b,
  );
  return [mm(near[1][0]), mm(near[1][1])];
}

/**
 * The tools for a cap screw, the handiest first; none for a thread that the tables do not know. Each wants
 * room to be set on, and the screw wants room to come out.
 * @param length of the screw, m; null: not known.
 */
export function toolsFor(thread: string, length: number | null = null): readonly Tool[] {
  const found = threadNamed(thread);
  if (!found) return [];
  const size = found.key;
  const [long, short] = keyFor(size);
  const radius = size * 0.6;
  const room = (shaft: number) => Math.max(shaft + SOCKET * found.diameter, length ?? 0);
  const hex = { size, radius, swing: HEX, lean: 0, torque: 1 } as const;
  return [
    { ...hex, kind: 'key', shaft: room(short), arm: long },
    { ...hex, ...DRIVER, kind: 'driver', arm: 0 },
    {
      ...hex,
      kind: 'ratchet',
      shaft: RATCHET.head + RATCHET.bit,
      radius: RATCHET.radius,
      arm: RATCHET.arm,
      swing: TOOTH,
    },
    // Turned by its short arm it reaches deep, and gives a fifth of the torque or so.
    { ...hex, kind: 'key-long', shaft: room(long), arm: short, torque: 0.25 },
    { ...hex, kind: 'ball', shaft: room(long), arm: 0, lean: BALL, torque: 0.25 },
  ];
}
