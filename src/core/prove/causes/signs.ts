import { type HandFind, handFinds, type Sign, signs } from '@/core/model';

/** Letters of the table, in the order of the signs. */
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

const HANDS = 'NBKGCLMFWRDEI';

export const causes = [
  'nut-play',
  'thrust-bearing',
  'nut-bracket',
  'grub-screw',
  'coupling-spider',
  'belt-slack',
  'mesh-open',
  'compensation',
  'steps-per-unit',
  'lead-error',
  'inch-or-ratio',
  'screw-runout',
  'eccentric-pinion',
  'rack-joint',
  'microstep-error',
  'torque-at-speed',
  'acceleration',
  'mid-band',
  'supply-sags',
  'driver-hot',
  'direction-late',
  'pulse-noise',
  'frame-gives',
  'racking',
  'rails-pinch',
  'warm-growth',
  'ends-out-of-step',
  'home-switch',
  'following-lag',
  'tooth-jump',
  'work-slips',
  'preload-tight',
  'pulse-limit',
  'indicator-moves',
  'something-else',
] as const;
export type Cause = (typeof causes)[number];

/**
 * By cause: how common it is beside the others, how likely each sign is with it in tenths (9 is 0.95, what
 * is not listed
 * 0.03), and what the test by hand finds. From memory of the trade, no source; a builder may know better.
 */
const TABLE: Readonly<Record<Exclude<Cause, 'something-else'>, string>> = {
  'nut-play': '6 a9f2l2p1s1t9 N',
  'thrust-bearing': '5 a9c1l2s2t9 B',
  'nut-bracket': '4 a9l4s4t9 K',
  'grub-screw': '8 a5g7i5j4l3n3o3q9s2t6w4x2 G',
  'coupling-spider': '3 a8c1j1l2q2s1t5 C',
  'belt-slack': '5 a7d1g1i1j3k1l4o3s1t7w3x1 L',
  'mesh-open': '4 a8d2f3g1l3o3p3s2t8 M',
  compensation: '2 a9',
  'steps-per-unit': '7 b9o1s1z9',
  'lead-error': '4 b8c1f2l1m2z1',
  'inch-or-ratio': '3 b9o1s1u9z9',
  'screw-runout': '3 a1c9p2s3',
  'eccentric-pinion': '2 a2d9o1p3s2',
  'rack-joint': '2 f9l1o1p4s1',
  'microstep-error': '2 a1e9',
  'torque-at-speed': '7 g8h8i2j9k1l3m1n5o2p1w3x9y1',
  acceleration: '6 g8h8i6j9k1l2n5o2p1w9x2y1',
  'mid-band': '3 g7h7i2j7k9l1n4o2w2x7',
  'supply-sags': '2 g6h6i2j7l3m1n3o3r2w4x6y9',
  'driver-hot': '2 g7h5i1j3l2m7n4o2w2x2y1',
  'direction-late': '2 g9i9j2n9o1v1',
  'pulse-noise': '4 g8h1i1l1n2o3r8v3x1',
  'frame-gives': '8 j1l9t4 F',
  racking: '3 a3f3g5h3i2j2l2m1n3o8p6s3t3v1w3x2 R',
  'rails-pinch': '4 a1f7g5h4i1j4l2m3n3o3p9s3w2x3 R',
  'warm-growth': '3 b2f1m9n3r1v2',
  'ends-out-of-step': '4 g3h2l1n2o9p2s4v2w1x1 E',
  'home-switch': '2 g6m1o1r1s1v9',
  'following-lag': '1 a1j9k1l1o1w3x9',
  'tooth-jump': '2 g8h2i3j5l5n3o5p1s2t4w4x2 L',
  'work-slips': '3 l9n7s1 W',
  'preload-tight': '2 c1f2g5h3i1j5l2m5n2o2p7s3w3x4 D',
  'pulse-limit': '2 g8h1j9n2w1x9',
  'indicator-moves': '4 a5f1g4l2m3r2s1t3v3 I',
};

/** A sign that is not in the row of a cause is seen so often all the same. */
const UNLISTED = 0.03;
/** Nine tenths are meant as nearly always. */
const NEARLY = 0.95;
/** The test by hand finds the row's link so often. */
const HAND = 0.9;

/** A cause with its likelihoods. */
export interface CauseRow {
  readonly cause: Cause;
  /** Beside the others; not yet a share. */
  readonly prior: number;
  readonly sign: Readonly<Record<Sign, number>>;
  readonly hand: Readonly<Record<HandFind, number>>;
}

const signsOf = (of: (letter: string) => number) =>
  Object.fromEntries(signs.map((s, i) => [s, of(LETTERS[i]!)])) as Record<Sign, number>;
const handsOf = (of: (find: HandFind) => number) =>
  Object.fromEntries(handFinds.map((h) => [h, of(h)])) as Record<HandFind, number>;

function rowOf(cause: Exclude<Cause, 'something-else'>): CauseRow {
  const [prior, listed, hand] = TABLE[cause].split(' ') as [string, string, string | undefined];
  const tenths = new Map([...listed.matchAll(/([a-z])(\d)/g)].map((m) => [m[1]!, Number(m[2])]));
  const found = hand === undefined ? 'nothing' : handFinds[HANDS.indexOf(hand)]!;
  return {
    cause,
    prior: Number(prior),
    sign: signsOf((letter) => {
      const digit = tenths.get(letter);
      if (digit === undefined) return UNLISTED;
      return digit === 9 ? NEARLY : digit / 10;
    }),
    hand: handsOf((find) => (find === found ? HAND : (1 - HAND) / (handFinds.length - 1))),
  };
}

/** What the table does not know is as likely to show any sign, and any link. */
const somethingElse: CauseRow = {
  cause: 'something-else',
  prior: 4,
  sign: signsOf(() => 0.2),
  hand: handsOf(() => 1 / handFinds.length),
};

/** Every cause, in a fixed order. */
export const causeRows: readonly CauseRow[] = causes.map((c) =>
  c === 'something-else' ? somethingElse : rowOf(c),
);
