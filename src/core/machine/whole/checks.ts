import { atLeast, atMost, type Checked, comfort } from '@/core/findings';
import type { Axis, Project } from '@/core/model';
import { type ErrorBudget, errorBudgets } from '../flex/errors';
import type { FlexReport } from '../flex/report';
import type { AxisReport } from '../report';
import { type CostReport, costReport } from './cost';
import { type CutLoad, cutLoads } from './cuts';
import { footprint } from './layout';
import { type MassReport, massReport } from './masses';

/** All that is known of a machine before anything is judged. */
export interface MachineContext {
  readonly project: Project;
  readonly reports: readonly AxisReport[];
  readonly cuts: readonly CutLoad[];
  readonly masses: MassReport;
  readonly cost: CostReport;
  readonly flex: FlexReport | null;
  readonly errors: readonly ErrorBudget[];
}

export function contextOf(
  project: Project,
  reports: readonly AxisReport[],
  flex: FlexReport | null,
): MachineContext {
  const cuts = cutLoads(project.brief);
  return {
    project,
    reports,
    cuts,
    masses: massReport(project),
    cost: costReport(project),
    flex,
    errors: errorBudgets(project, reports, cuts, flex),
  };
}

export const machineCodes = [
  'area-short',
  'plasma-slow',
  'plasma-reach',
  'cut-faster',
  'corner-slow',
  'spindle-short',
  'chip-rubs',
  'chip-thick',
  'climb-play',
  'room',
  'door',
  'bench',
  'floor',
  'power-short',
  'over-budget',
  'rocks',
  'creeps',
  'sag-spread',
  'accuracy',
  'frame-rings',
] as const;
export type MachineCode = (typeof machineCodes)[number];
export type MachineChecked = Checked<MachineCode>;

/**
 * Thin sheet burns and drosses below it: 100 in/min, 2.5 m/min as builders round it. Common practice, no
 * source.
 */
export const PLASMA_LEAST = 2.5 / 60;
/**
 * Chip load below which a tool rubs in metal, m, and share of its diameter above which it is asked too much.
 * Common practice, no source.
 */
export const RUBS = 0.01e-3;
export const THICK = 0.06;
/**
 * Moving over standing mass above which the stand rocks at rapid accelerations. Common practice, no source.
 */
export const ROCKS = 0.5;

const level = (axis: Axis) => axis.role !== 'plunge';
const axisName = (axis: Axis) => ({ axis: axis.name, axisId: axis.id });

function areaChecks({
  project: {
    axes,
    brief: { area },
  },
}: MachineContext): MachineChecked[] {
  const want = {
    bed: ['length', area.length],
    table: ['length', area.length],
    gantry: ['width', area.width],
    plunge: ['height', area.height],
  } as const;
  return axes.flatMap((axis, i) => {
    const [field, asked] = want[axis.role];
    if (!asked) return [];
    const have = axis.demands.travel.si;
    return [
      {
        ...atLeast<MachineCode>({
          code: 'area-short',
          path: `axes.${i}.demands.travel`,
          kind: 'length',
          have,
          need: asked.si,
          params: { ...axisName(axis), field },
        }),
        verdict: have >= asked.si - 1e-9 ? ('holds' as const) : ('gives-out' as const),
      },
    ];
  });
}

function cutChecks({ project, cuts, reports }: MachineContext): MachineChecked[] {
  const found: MachineChecked[] = [];
  const axes = project.axes.filter(level);
  cuts.forEach((c, i) => {
    const path = (field: string) => `brief.cuts.${i}.${field}`;
    const params = { cut: c.name, cutIndex: i };
    // Thick plate is cut as slowly as it asks for.
    if (c.kind === 'plasma' && c.stock === 'sheet')
      found.push(
        atLeast<MachineCode>({
          code: 'plasma-slow',
          path: path('feed'),
          kind: 'speed',
          have: c.feed,
          need: PLASMA_LEAST,
          params,
        }),
      );
    if (c.available !== null)
      found.push(
        atLeast<MachineCode>({
          code: 'spindle-short',
          path: path('depth'),
          kind: 'power',
          have: c.available,
          need: c.power,
          line: `cut.${c.id}.power`,
          params,
        }),
      );
    if (c.kind === 'mill') {
      if (c.metal)
        found.push(
          comfort(
            atLeast<MachineCode>({
              code: 'chip-rubs',
              path: path('feed'),
              kind: 'length',
              have: c.chip,
              need: RUBS,
              line: `cut.${c.id}.chip`,
              params,
            }),
          ),
        );
      found.push(
        comfort(
          atMost<MachineCode>({
            code: 'chip-thick',
            path: path('feed'),
            kind: 'ratio',
            have: c.chipShare,
            need: THICK,
            line: `cut.${c.id}.chip`,
            params,
          }),
        ),
      );
    }
    if (c.climb && c.pulls)
      for (const axis of axes) {
        const report = reports.find((r) => r.axisId === axis.id);
        if (report)
          found.push(
            comfort(
              atMost<MachineCode>({
                code: 'climb-play',
                path: path('way'),
                kind: 'length',
                have: report.lostMotion.value,
                need: c.chip,
                params: { ...params, ...axisName(axis) },
              }),
            ),
          );
      }
  });
  const fastest = cuts.reduce<CutLoad | undefined>((a, c) => (!a || c.feed > a.feed ? c : a), undefined);
  const tightest = cuts.reduce<CutLoad | undefined>(
    (a, c) => (c.corner !== null && (!a || c.corner > a.corner!) ? c : a),
    undefined,
  );
  project.axes.forEach((axis, i) => {
    if (!level(axis)) return;
    const report = reports.find((r) => r.axisId === axis.id);
    if (fastest)
      found.push({
        ...atLeast<MachineCode>({
          code: 'cut-faster',
          path: `axes.${i}.demands.feed`,
          kind: 'speed',
          have: axis.demands.feed.si,
          need: fastest.feed,
          params: { ...axisName(axis), cut: fastest.name },
        }),
        verdict: axis.demands.feed.si >= fastest.feed * (1 - 1e-9) ? 'holds' : 'thin',
      });
    if (tightest)
      found.push(
        comfort(
          atLeast<MachineCode>({
            code: 'corner-slow',
            path: `axes.${i}.demands.acceleration`,
            kind: 'acceleration',
            have: axis.demands.acceleration.si,
            need: tightest.corner!,
            line: `cut.${tightest.id}.corner`,
            params: {
              ...axisName(axis),
              cut: tightest.name,
              held: Math.sqrt(axis.demands.acceleration.si * (tightest.feed ** 2 / tightest.corner!)),
            },
          }),
        ),
      );
    if (report && (project.brief.work === 'plasma' || cuts.some((c) => c.kind === 'plasma')))
      found.push(
        atLeast<MachineCode>({
          code: 'plasma-reach',
          path: `axes.${i}.demands.feed`,
          kind: 'speed',
          have: report.feed,
          need: PLASMA_LEAST,
          params: axisName(axis),
        }),
      );
  });
  return found;
}

function placeChecks({ project, masses, reports, cost }: MachineContext): MachineChecked[] {
  const { place, power, budget, spindle } = project.brief;
  const { length, width } = footprint(project);
  const found: MachineChecked[] = [];
  if (length && width) {
    if (place.length && place.width) {
      const [long, short] = [
        Math.max(place.length.si, place.width.si),
        Math.min(place.length.si, place.width.si),
      ];
      const [a, b] = [Math.max(length, width), Math.min(length, width)];
      // The tighter of the two, and 0.6 m to pass on one side.
      const tight =
        long / (a + 0.6) < short / (b + 0.6) ? ([long, a + 0.6] as const) : ([short, b + 0.6] as const);
      found.push({
        ...atLeast<MachineCode>({
          code: 'room',
          path: 'brief.place.length',
          kind: 'length',
          have: tight[0],
          need: tight[1],
          params: { length, width },
        }),
        verdict: tight[0] >= tight[1] ? 'holds' : tight[0] >= tight[1] - 0.6 ? 'thin' : 'gives-out',
      });
    }
    if (place.door)
      found.push({
        ...atLeast<MachineCode>({
          code: 'door',
          path: 'brief.place.door',
          kind: 'length',
          have: place.door.si,
          need: Math.min(length, width),
          params: {},
        }),
        verdict: place.door.si >= Math.min(length, width) ? 'holds' : 'thin',
      });
    if (place.bench)
      found.push({
        ...atLeast<MachineCode>({
          code: 'bench',
          path: 'brief.place.bench',
          kind: 'length',
          have: place.bench.si,
          need: Math.min(length, width),
          params: {},
        }),
        verdict: place.bench.si >= Math.min(length, width) ? 'holds' : 'gives-out',
      });
  }
  const all = masses.moving + masses.standing;
  if (place.floorLoad && all > 0)
    found.push(
      atLeast<MachineCode>({
        code: 'floor',
        path: 'brief.place.floorLoad',
        kind: 'mass',
        have: place.floorLoad.si,
        need: all,
        params: {},
      }),
    );
  if (power) {
    const drawn = reports.reduce(
      (s, r) => s + (r.figures.find((f) => f.id === 'supply-power')?.value ?? 0),
      0,
    );
    const spindleDraw = spindle ? spindle.power.si / spindle.efficiency.si : 0;
    found.push(
      atLeast<MachineCode>({
        code: 'power-short',
        path: 'brief.power',
        kind: 'power',
        have: power.si,
        need: drawn + spindleDraw,
        params: { axes: drawn, spindle: spindleDraw },
      }),
    );
  }
  if (budget !== null)
    found.push({
      ...atLeast<MachineCode>({
        code: 'over-budget',
        path: 'brief.budget',
        kind: 'count',
        have: budget,
        need: cost.known,
        params: { unpicked: cost.unpicked.length },
      }),
      verdict:
        cost.known > budget
          ? 'gives-out'
          : cost.unpicked.length
            ? 'not-known'
            : cost.known > 0.9 * budget
              ? 'thin'
              : 'holds',
    });
  const heaviest = Math.max(
    0,
    ...masses.axes.filter((a) => project.axes.some((x) => x.id === a.axisId && level(x))).map((a) => a.total),
  );
  if (masses.standing > 0 && heaviest > 0)
    found.push(
      comfort(
        atMost<MachineCode>({
          code: 'rocks',
          path: 'stand',
          kind: 'ratio',
          have: heaviest / masses.standing,
          need: ROCKS,
          params: { moving: heaviest, standing: masses.standing },
        }),
      ),
    );
  return found;
}

function flexChecks({ project, flex, errors }: MachineContext): MachineChecked[] {
  const found: MachineChecked[] = [];
  const allowed = project.brief.accuracy?.si;
  const { structure } = project;
  if (structure && (structure.beam.material === 'petg' || structure.beam.material === 'pla'))
    found.push({
      code: 'creeps',
      verdict: 'thin',
      path: 'structure.beam.material',
      kind: 'count',
      value: 0,
      limit: 1,
      margin: 0.5,
      params: {},
    });
  if (flex && allowed !== undefined)
    found.push(
      atMost<MachineCode>({
        code: 'sag-spread',
        path: 'structure.beam.section',
        kind: 'length',
        have: Math.max(0, flex.sag.spread),
        need: allowed,
        params: { most: flex.sag.most, at: flex.sag.at },
      }),
    );
  if (allowed !== undefined)
    for (const e of errors) {
      if (!e.axisId) continue;
      const checked = atMost<MachineCode>({
        code: 'accuracy',
        path: 'brief.accuracy',
        kind: 'length',
        have: e.likely,
        need: allowed,
        params: {
          way: e.way,
          worst: e.worst,
          missing: e.missing,
          biggest: [...e.shares].sort((a, b) => (b.value ?? 0) - (a.value ?? 0))[0]!.id,
        },
      });
      found.push(
        e.missing && checked.verdict !== 'gives-out' ? { ...checked, verdict: 'not-known' } : checked,
      );
    }
  const bed = project.axes.find((a) => a.role === 'bed');
  if (flex && bed) {
    const ramp = bed.demands.rapid.si / bed.demands.acceleration.si;
    const i = project.axes.indexOf(bed);
    found.push(
      comfort(
        atLeast<MachineCode>({
          code: 'frame-rings',
          path: `axes.${i}.demands.acceleration`,
          kind: 'time',
          have: ramp,
          need: 1 / flex.frequency.hertz,
          params: { hertz: flex.frequency.hertz, way: flex.frequency.way },
        }),
      ),
    );
  }
  return found;
}

/** Judges a machine as a whole; every axis judges itself. */
export const machineChecks = (context: MachineContext): MachineChecked[] => [
  ...areaChecks(context),
  ...cutChecks(context),
  ...placeChecks(context),
  ...flexChecks(context),
];
