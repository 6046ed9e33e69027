import type { Project } from '@/core/model';
import { type Share, solveGantry, type Station } from '@/core/structure';
import type { AxisReport } from '../report';
import { type DriveStiffness, type FlexModel, flexModel } from './model';

/** One moment of the beam's shape: place along it, movement out (x) and up (z) in m, twist in rad. */
export interface ShapePoint {
  readonly y: number;
  readonly x: number;
  readonly z: number;
  readonly twist: number;
}

export const ways = ['x', 'y', 'z'] as const;
export type WayId = (typeof ways)[number];

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
  /** Softest place of each direction: stiffness in N/m, where, and its compliance by part. */
  readonly softest: Readonly<
    Record<
      WayId,
      {
        readonly stiffness: number;
        readonly bed: number;
        readonly at: number;
        readonly budget: readonly Share[];
      }
    >
  >;
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
  | { readonly ok: true; readonly report: FlexReport }
  | { readonly ok: false; readonly reason: 'no-structure' | 'no-gantry-axis' | 'loose' };

/** Stations along the beam for each place along the bed. */
export const STATIONS = 41;

/** Stiffness of every drive train, out of the reports of the axes. */
export const driveStiffnessOf = (
  reports: readonly Pick<AxisReport, 'axisId' | 'stiffness'>[],
): DriveStiffness => {
  const known = new Map(reports.map((r) => [r.axisId, r.stiffness.value]));
  return (id) => known.get(id) ?? Infinity;
};

export const stationPlaces = ({ reach: [from, to] }: Pick<FlexModel, 'reach'>, count = STATIONS): number[] =>
  to - from < 1e-9 ? [from] : Array.from({ length: count }, (_, i) => from + ((to - from) * i) / (count - 1));

/**
 * The frame of a machine, solved over its whole work area.
 * @param project as it is stored. @param reports of its axes, for the stiffness of their drives.
 */
export function flexReport(
  project: Project,
  reports: readonly Pick<AxisReport, 'axisId' | 'stiffness'>[],
): Flex {
  const model = flexModel(project, driveStiffnessOf(reports));
  if ('unbuilt' in model) return { ok: false, reason: model.unbuilt };
  const solved = solveGantry(model.input, model.base, model.carried, model.series);
  if (!solved.ok) return { ok: false, reason: 'loose' };
  const { answer } = solved;
  const places = stationPlaces(model);
  const stations = model.bedPlaces.map((_, bed) => answer.along(bed, places));
  const softest = {} as Record<WayId, FlexReport['softest'][WayId]>;
  const stiffest = {} as Record<WayId, number>;
  ways.forEach((way, d) => {
    let [worst, bed, at, best] = [0, 0, places[0]!, Infinity];
    stations.forEach((row, b) =>
      row.forEach((s) => {
        const c = s.compliance[d]!;
        if (c > worst) [worst, bed, at] = [c, b, s.at];
        best = Math.min(best, c);
      }),
    );
    softest[way] = {
      stiffness: 1 / worst,
      bed: model.bedPlaces[bed]!,
      at,
      budget: answer.budget(bed, at, d as 0 | 1 | 2),
    };
    stiffest[way] = 1 / best;
  });
  let [least, most, sagBed, sagAt] = [Infinity, -Infinity, 0, places[0]!];
  stations.forEach((row, b) =>
    row.forEach((s) => {
      least = Math.min(least, s.sag);
      if (s.sag > most) [most, sagBed, sagAt] = [s.sag, b, s.at];
    }),
  );
  const middle = Math.floor(model.bedPlaces.length / 2);
  const minus = (a: readonly ShapePoint[], b: readonly ShapePoint[]) =>
    a.map((p, i) => ({ y: p.y, x: p.x - b[i]!.x, z: p.z - b[i]!.z, twist: p.twist - b[i]!.twist }));
  const shapes = places.map((at) => {
    const weight = answer.shape(middle, at, [0, 0, 0]);
    return {
      at,
      weight,
      perNewton: {
        x: minus(answer.shape(middle, at, [1, 0, 0]), weight),
        y: minus(answer.shape(middle, at, [0, 1, 0]), weight),
        z: minus(answer.shape(middle, at, [0, 0, 1]), weight),
      },
    };
  });
  const budgets = places.map((at) => ({
    at,
    x: answer.budget(middle, at, 0),
    y: answer.budget(middle, at, 1),
    z: answer.budget(middle, at, 2),
  }));
  const { hertz, direction } = answer.frequency(middle, sagAt);
  return {
    ok: true,
    report: {
      missing: model.missing,
      beamLength: model.input.length,
      reach: model.reach,
      bedPlaces: model.bedPlaces,
      stations,
      softest,
      stiffest,
      sag: { least, most, spread: most - least, bed: model.bedPlaces[sagBed]!, at: sagAt },
      frequency: { hertz, way: ways[direction] },
      shapes,
      budgets,
    },
  };
}
