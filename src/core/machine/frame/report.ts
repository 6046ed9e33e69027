import { type GantryAnswer, type Share, solveGantry, type Station } from '@/core/structure';
import type { FrameInputs } from './inputs';
import { type FrameModel, frameModel, REPORT_PIECES, type Unbuilt } from './model';

/** One moment of the beam's shape: place along it, movement out (x) and up (z) in m, twist in rad. */
export interface ShapePoint {
  readonly y: number;
  readonly x: number;
  readonly z: number;
  readonly twist: number;
}

export const ways = ['x', 'y', 'z'] as const;
export type WayId = (typeof ways)[number];

/** Softest place of a direction: stiffness in N/m, where, and its compliance by part. */
export interface Softest {
  readonly stiffness: number;
  readonly bed: number;
  readonly at: number;
  readonly budget: readonly Share[];
}

/** What the machine gives at the tool. Plain data, SI. x: along the bed, y: along the beam, z: up. */
export interface FlexReport {
  /**
   * Inputs that are missing: while there are any, parts of the machine count as rigid and the figures are
   * bounds.
   */
  readonly missing: readonly string[];
  readonly beamLength: number;
  readonly reach: readonly [number, number];
  readonly bedPlaces: readonly number[];
  /** Places of the tool for every place of the gantry. */
  readonly stations: readonly (readonly Station[])[];
  readonly softest: Readonly<Record<WayId, Softest>>;
  readonly stiffest: Readonly<Record<WayId, number>>;
  /** How far the tool hangs, m: least, most and the difference, which is what a cut shows. */
  readonly sag: {
    readonly least: number;
    readonly most: number;
    readonly spread: number;
    readonly bed: number;
    readonly at: number;
  };
  readonly frequency: { readonly hertz: number; readonly way: WayId };
  /**
   * Shape of the beam at each station of the middle of the bed: under its weight, and more for each newton at
   * the tool.
   */
  readonly shapes: readonly {
    readonly at: number;
    readonly weight: readonly ShapePoint[];
    readonly perNewton: Readonly<Record<WayId, readonly ShapePoint[]>>;
  }[];
  /** Budget at every station of the middle of the bed. */
  readonly budgets: readonly {
    readonly at: number;
    readonly x: readonly Share[];
    readonly y: readonly Share[];
    readonly z: readonly Share[];
  }[];
}

export type Flex =
  { readonly ok: true; readonly report: FlexReport } | { readonly ok: false; readonly reason: Unbuilt };

/** Stations along the beam for each place along the bed. */
const STATIONS = 41;

/** Places of the tool along the beam; one where it does not move. */
export function stationPlaces({ reach: [from, to] }: Pick<FrameModel, 'reach'>, count = STATIONS): number[] {
  if (to - from < 1e-9) return [from];
  return Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));
}

type Stations = readonly (readonly Station[])[];

/** The softest place of a direction and the stiffest, over all stations. */
function extremes(answer: GantryAnswer, stations: Stations, bedPlaces: readonly number[], d: 0 | 1 | 2) {
  let [worst, bed, at, best] = [0, 0, stations[0]![0]!.at, Infinity];
  stations.forEach((row, b) => {
    for (const s of row) {
      const c = s.compliance[d];
      if (c > worst) [worst, bed, at] = [c, b, s.at];
      best = Math.min(best, c);
    }
  });
  const budget = answer.budget(bed, at, d);
  const softest: Softest = { stiffness: 1 / worst, bed: bedPlaces[bed]!, at, budget };
  return { softest, stiffest: 1 / best };
}

/** How far the tool hangs over all stations, and where the most. */
function sagOf(stations: Stations, bedPlaces: readonly number[]): FlexReport['sag'] {
  let [least, most, bed, at] = [Infinity, -Infinity, 0, 0];
  stations.forEach((row, b) => {
    for (const s of row) {
      if (s.sag > most) [most, bed, at] = [s.sag, b, s.at];
      least = Math.min(least, s.sag);
    }
  });
  return { least, most, spread: most - least, bed: bedPlaces[bed]!, at };
}

const less = (a: readonly ShapePoint[], b: readonly ShapePoint[]): ShapePoint[] =>
  a.map((p, i) => ({ y: p.y, x: p.x - b[i]!.x, z: p.z - b[i]!.z, twist: p.twist - b[i]!.twist }));

/** Shape of the beam with the tool at a place of the middle of the bed. */
function shapeAt(answer: GantryAnswer, bed: number, at: number): FlexReport['shapes'][number] {
  const weight = answer.shape(bed, at, [0, 0, 0]);
  const pushed = (x: number, y: number, z: number) => less(answer.shape(bed, at, [x, y, z]), weight);
  return { at, weight, perNewton: { x: pushed(1, 0, 0), y: pushed(0, 1, 0), z: pushed(0, 0, 1) } };
}

/**
 * The frame of a machine, solved over its whole work area.
 * @param drawn with the shapes and budgets of every station, which are only asked for where they are drawn.
 * @param fine how finely: in fewer pieces and places where many frames are only held against one another.
 */
export function flexReport(
  inputs: FrameInputs,
  drawn = true,
  fine: { readonly pieces: number; readonly places: number } = { pieces: REPORT_PIECES, places: STATIONS },
): Flex {
  const model = frameModel(inputs, fine.pieces);
  if ('unbuilt' in model) return { ok: false, reason: model.unbuilt };
  const solved = solveGantry(model.input, model.base, model.carried, model.series);
  if (!solved.ok) return { ok: false, reason: 'loose' };
  const { answer } = solved;
  const { bedPlaces } = model;
  const places = stationPlaces(model, fine.places);
  const stations = bedPlaces.map((_, bed) => answer.along(bed, places));
  const [x, y, z] = ([0, 1, 2] as const).map((d) => extremes(answer, stations, bedPlaces, d));
  const middle = Math.floor(bedPlaces.length / 2);
  const sag = sagOf(stations, bedPlaces);
  const shown = drawn ? places : [];
  const { hertz, direction } = answer.frequency(middle, sag.at);
  return {
    ok: true,
    report: {
      missing: model.missing,
      beamLength: model.input.length,
      reach: model.reach,
      bedPlaces,
      stations,
      softest: { x: x!.softest, y: y!.softest, z: z!.softest },
      stiffest: { x: x!.stiffest, y: y!.stiffest, z: z!.stiffest },
      sag,
      frequency: { hertz, way: ways[direction] },
      shapes: shown.map((at) => shapeAt(answer, middle, at)),
      budgets: shown.map((at) => ({
        at,
        x: answer.budget(middle, at, 0),
        y: answer.budget(middle, at, 1),
        z: answer.budget(middle, at, 2),
      })),
    },
  };
}

/** Shares of the compliance that are the drives'. */
const drives = new Set(['drive', 'base-drive', 'plunge-drive']);

/** What errors and checks read off a frame. */
export interface FrameSummary {
  /** Inputs that are missing: while there are any, the figures are bounds. */
  readonly missing: readonly string[];
  readonly sag: Pick<FlexReport['sag'], 'most' | 'spread' | 'at'>;
  readonly frequency: FlexReport['frequency'];
  /** At the softest place: compliance, m/N, and the share of it that the drives give. */
  readonly soft: Readonly<Record<WayId, { readonly compliance: number; readonly drive: number }>>;
}

export function summaryOf({ missing, sag, frequency, softest }: FlexReport): FrameSummary {
  const soft = (way: WayId) => ({
    compliance: 1 / softest[way].stiffness,
    drive: softest[way].budget.reduce((sum, s) => sum + (drives.has(s.id) ? s.value : 0), 0),
  });
  return { missing, sag, frequency, soft: { x: soft('x'), y: soft('y'), z: soft('z') } };
}
