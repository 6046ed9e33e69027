import { type Cut, guess as m, type Job, startingCut, stockInputs, type Work } from '@/core/model';

/** The head that carries the tool: weight with clamp, cutter and its share of hose; how far it stands out. */
export interface Head {
  /** kg; middle of what is met, ± 30 %. */
  readonly mass: number;
  /** Of a spindle, W; null: no spindle. */
  readonly power: number | null;
  /** Rated speed of a spindle, rpm. */
  readonly rpm: number;
  /** From the face of the plunge plate to the tool, m. */
  readonly out: number;
  /** Example price, euros. */
  readonly price: number;
}

/** The least that will do, and the middle of what is usual. */
export type Range = readonly [low: number, middle: number];

/** What a machine for a job is usually made for. */
export interface JobProfile {
  readonly work: Work;
  /** The hardest usual cut, until somebody says one. */
  readonly cut: () => Cut;
  readonly head: Head;
  /** m/s, of the level axes. */
  readonly feed: number;
  readonly rapid: Range;
  readonly acceleration: Range;
  /** Of the plunge axis: feed and rapid in m/s, m/s². */
  readonly plunge: { readonly feed: number; readonly rapid: number; readonly acceleration: number };
  /** m, ±. */
  readonly accuracy: number;
  /** Stiffness at the tool, N/m. */
  readonly stiffness: Range;
  /** Families of guides for level axes and for the plunge axis, the usual first. */
  readonly guides: { readonly level: readonly string[]; readonly plunge: readonly string[] };
  /** Drag of cable chain and hose on a level axis, N; from memory. */
  readonly drag: number;
  /** What lies under the tool, kg/m²: board, slats, water. */
  readonly under: number;
  /** Usual work, m. */
  readonly area: readonly [length: number, width: number, height: number];
}

/** Id of a cut that nobody said: it is proposed with the job. */
export const USUAL_CUT = 'usual';

const perMinute = (metres: number): number => metres / 60;
const perMicrometre = (newton: number): number => newton * 1e6;
const both = <T>(of: (v: number) => T, low: number, middle: number): readonly [T, T] => [of(low), of(middle)];

/** A milling cut in a stock, as it is usual: full slots, two flutes where nothing else is said. */
const milled = (
  stock: Parameters<typeof stockInputs>[0],
  said: {
    d: string;
    depth: string;
    width?: string;
    flutes?: string;
    rpm: string;
    feed: string;
    plunge: string;
  },
) => ({
  ...(startingCut('mill', USUAL_CUT, stock) as Extract<Cut, { kind: 'mill' }>),
  ...stockInputs(stock, m),
  diameter: m('length', said.d),
  width: m('length', said.width ?? said.d),
  depth: m('length', said.depth),
  flutes: m('count', said.flutes ?? '2'),
  spindle: m('angularSpeed', said.rpm),
  feed: m('speed', said.feed),
  plunge: m('speed', said.plunge),
});

const rails = ['profile-rail'];
const soft = ['supported-rail', 'profile-rail'];
const wheels = ['wheel', 'profile-rail'];
const lightPlunge = ['miniature-rail', 'profile-rail'];

const router = (head: Head): Pick<JobProfile, 'work' | 'head' | 'guides' | 'drag'> => ({
  work: 'router',
  drag: 12,
  head,
  guides: { level: rails, plunge: rails },
});
const spindle = (mass: number, power: number, price: number, rpm = 24_000): Head => ({
  mass,
  power,
  rpm,
  out: 0.06,
  price,
});
const light = (mass: number, price: number): Head => ({ mass, power: null, rpm: 0, out: 0.04, price });

/**
 * What machines for each job are usually asked for, and the heads that they carry. Common practice, no
 * source; masses from memory.
 */
export const jobProfiles: Readonly<Record<Job, JobProfile>> = {
  board: {
    ...router(spindle(6, 1500, 230)),
    guides: { level: soft, plunge: rails },
    cut: () =>
      milled('plywood', { d: '6 mm', depth: '6 mm', rpm: '18000 rpm', feed: '4 m/min', plunge: '1 m/min' }),
    feed: perMinute(4),
    rapid: both(perMinute, 8, 10),
    acceleration: [0.4, 0.6],
    plunge: { feed: perMinute(1.2), rapid: perMinute(3), acceleration: 0.4 },
    accuracy: 0.2e-3,
    stiffness: both(perMicrometre, 1, 2.5),
    under: 13,
    area: [1.25, 0.8, 0.1],
  },
  slab: {
    ...router(spindle(7.5, 2200, 290)),
    guides: { level: soft, plunge: rails },
    // A surfacing cutter takes most of its width; its tips stay below 50 m/s. It runs to and fro.
    cut: () => ({
      ...milled('hardwood', {
        d: '50 mm',
        width: '35 mm',
        depth: '1.5 mm',
        flutes: '3',
        rpm: '15000 rpm',
        feed: '4 m/min',
        plunge: '0.5 m/min',
      }),
      corner: null,
    }),
    feed: perMinute(4),
    rapid: both(perMinute, 6, 8),
    acceleration: [0.3, 0.5],
    plunge: { feed: perMinute(0.8), rapid: perMinute(2), acceleration: 0.3 },
    accuracy: 0.5e-3,
    stiffness: both(perMicrometre, 0.5, 1),
    under: 10,
    area: [3, 1, 0.12],
  },
  plastic: {
    ...router(spindle(4.5, 1000, 180)),
    cut: () =>
      milled('plastic', {
        d: '6 mm',
        depth: '6 mm',
        flutes: '1',
        rpm: '16000 rpm',
        feed: '2 m/min',
        plunge: '0.5 m/min',
      }),
    feed: perMinute(3),
    rapid: both(perMinute, 6, 8),
    acceleration: [0.4, 0.6],
    plunge: { feed: perMinute(1), rapid: perMinute(3), acceleration: 0.4 },
    accuracy: 0.15e-3,
    stiffness: both(perMicrometre, 2, 3.5),
    under: 15,
    area: [0.8, 0.6, 0.08],
  },
  aluminium: {
    ...router(spindle(8, 2200, 300)),
    cut: () =>
      milled('aluminium', {
        d: '6 mm',
        depth: '1 mm',
        flutes: '1',
        rpm: '16000 rpm',
        feed: '0.8 m/min',
        plunge: '0.2 m/min',
      }),
    feed: perMinute(1),
    rapid: both(perMinute, 3, 5),
    acceleration: [0.3, 0.5],
    plunge: { feed: perMinute(0.5), rapid: perMinute(2), acceleration: 0.3 },
    accuracy: 0.05e-3,
    stiffness: both(perMicrometre, 4, 7),
    under: 40,
    area: [0.6, 0.4, 0.1],
  },
  steel: {
    ...router(spindle(22, 1500, 600, 6000)),
    cut: () =>
      milled('mild-steel', {
        d: '6 mm',
        depth: '1 mm',
        rpm: '5000 rpm',
        feed: '0.3 m/min',
        plunge: '0.05 m/min',
      }),
    feed: perMinute(0.5),
    rapid: both(perMinute, 2, 3),
    acceleration: [0.2, 0.3],
    plunge: { feed: perMinute(0.3), rapid: perMinute(1.5), acceleration: 0.2 },
    accuracy: 0.03e-3,
    stiffness: both(perMicrometre, 20, 30),
    under: 80,
    area: [0.4, 0.25, 0.12],
  },
  plasma: {
    work: 'plasma',
    drag: 8,
    head: light(2.5, 180),
    guides: { level: wheels, plunge: lightPlunge },
    cut: () => ({ ...startingCut('plasma', USUAL_CUT, 'sheet'), feed: m('speed', '5 m/min') }),
    feed: perMinute(5),
    rapid: both(perMinute, 10, 15),
    acceleration: [1.5, 2],
    plunge: { feed: perMinute(2), rapid: perMinute(4), acceleration: 1 },
    accuracy: 0.5e-3,
    stiffness: both(perMicrometre, 0.1, 0.25),
    // Slats with water under them; a dry table with extraction is less.
    under: 50,
    area: [1.5, 1.25, 0.08],
  },
  foam: {
    work: 'foam',
    drag: 4,
    head: light(1.5, 80),
    guides: { level: wheels, plunge: lightPlunge },
    cut: () => ({ ...startingCut('light', USUAL_CUT, 'foam'), feed: m('speed', '5 m/min') }),
    feed: perMinute(5),
    rapid: both(perMinute, 8, 12),
    acceleration: [0.5, 1],
    plunge: { feed: perMinute(2), rapid: perMinute(4), acceleration: 0.5 },
    accuracy: 0.5e-3,
    stiffness: both(perMicrometre, 0.03, 0.1),
    under: 8,
    area: [2, 1, 0.15],
  },
  knife: {
    work: 'knife',
    drag: 4,
    head: light(1.8, 120),
    guides: { level: wheels, plunge: lightPlunge },
    cut: () => ({ ...startingCut('knife', USUAL_CUT, 'other'), feed: m('speed', '15 m/min') }),
    feed: perMinute(15),
    rapid: both(perMinute, 20, 24),
    acceleration: [2, 2.5],
    plunge: { feed: perMinute(2), rapid: perMinute(4), acceleration: 1 },
    accuracy: 0.2e-3,
    stiffness: both(perMicrometre, 0.1, 0.25),
    under: 12,
    area: [1.6, 1.2, 0.05],
  },
  pen: {
    work: 'pen',
    drag: 1,
    head: light(0.7, 30),
    guides: { level: wheels, plunge: lightPlunge },
    cut: () => ({
      ...startingCut('light', USUAL_CUT, 'paper'),
      stock: 'other',
      feed: m('speed', '10 m/min'),
    }),
    feed: perMinute(10),
    rapid: both(perMinute, 12, 18),
    acceleration: [1, 1.5],
    plunge: { feed: perMinute(1), rapid: perMinute(2), acceleration: 0.5 },
    accuracy: 0.4e-3,
    stiffness: both(perMicrometre, 0.02, 0.05),
    under: 6,
    area: [0.8, 0.6, 0.03],
  },
};

/** The job that a brief speaks of where none was picked: by its cuts, else by its work. */
export function jobOf({ work, cuts }: { readonly work: Work; readonly cuts: readonly Cut[] }): Job {
  const stocks = cuts.filter((c) => c.kind === 'mill').map((c) => c.stock);
  if (stocks.includes('mild-steel')) return 'steel';
  if (stocks.includes('aluminium') || stocks.includes('brass')) return 'aluminium';
  if (stocks.length && stocks.every((s) => s === 'plastic')) return 'plastic';
  const usual: Readonly<Record<Work, Job>> = {
    router: 'board',
    mixed: 'board',
    plasma: 'plasma',
    knife: 'knife',
    foam: 'foam',
    pen: 'pen',
  };
  return usual[work];
}
