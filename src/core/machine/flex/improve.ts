import { tubeSizes } from '@/core/catalogue';
import type { Edit } from '@/core/findings';
import { applyEdits, fieldRuleAt, type Project, projectIssues } from '@/core/model';
import { solveGantry } from '@/core/structure';
import { formatIn, units } from '@/core/units';
import type { AxisReport } from '../report';
import { massReport } from '../whole/masses';
import { flexModel } from './model';
import { driveStiffnessOf, stationPlaces, type WayId, ways } from './report';

/** What one change to the structure brings, computed with the changed machine. */
export interface Improvement {
  readonly code: string;
  readonly params: Readonly<Record<string, number | string>>;
  readonly edits: readonly Edit[];
  /** Stiffness at the softest place over that of now, by direction. */
  readonly gain: Readonly<Record<WayId, number>>;
  /** Spread of the sag over the area, m. */
  readonly sag: number;
  /** kg more that move on the bed axis (negative: less). */
  readonly heavier: number;
}

/** A measured input set to an SI value, typed in its metric unit, as an estimate. */
function put(path: string, si: number): Edit {
  const unit = units[fieldRuleAt(path)!.kind][0]!;
  const shown = formatIn(unit, si, 6);
  return { path, value: { typed: shown.text, si: unit.toSi(Number(shown.number)), basis: 'estimate' } };
}

interface Candidate {
  readonly code: string;
  readonly params: Improvement['params'];
  readonly edits: readonly Edit[];
}

/** Changes that builders make to a frame that gives too much. */
function candidates(project: Project): Candidate[] {
  const { structure } = project;
  if (!structure) return [];
  const { beam, column, bed, tool, prop } = structure;
  const found: Candidate[] = [];
  const add = (code: string, edits: readonly Edit[], params: Candidate['params'] = {}) =>
    found.push({ code, params, edits });
  const { section } = beam;
  if (section.kind === 'rect-tube') {
    const larger = tubeSizes.filter(
      (t) =>
        t.making === section.making &&
        t.height / 1e3 > section.height.si * 1.15 &&
        t.width / 1e3 >= section.width.si * 0.99 &&
        t.wall / 1e3 >= section.wall.si * 0.99,
    )[0];
    if (larger)
      add(
        'deeper-beam',
        [
          put('structure.beam.section.height', larger.height / 1e3),
          put('structure.beam.section.width', larger.width / 1e3),
          put('structure.beam.section.wall', larger.wall / 1e3),
        ],
        { height: larger.height / 1e3, width: larger.width / 1e3, wall: larger.wall / 1e3 },
      );
    add('thicker-wall', [put('structure.beam.section.wall', section.wall.si * 1.5)], {
      wall: section.wall.si * 1.5,
    });
  }
  if (section.kind === 'plate-box')
    add(
      'thicker-wall',
      [
        put('structure.beam.section.flange', section.flange.si * 1.5),
        put('structure.beam.section.web', section.web.si * 1.5),
      ],
      { wall: section.web.si * 1.5 },
    );
  if (section.kind === 'extrusion' || section.kind === 'angle')
    add('box-beam', [
      {
        path: 'structure.beam.section',
        value: {
          kind: 'rect-tube',
          height: section.height,
          width: section.kind === 'angle' ? section.width : section.width,
          wall: { typed: '4 mm', si: 0.004, basis: 'estimate' },
          making: 'cold',
        } as never,
      },
      { path: 'structure.beam.material', value: 'steel' },
    ]);
  const height = 'height' in section ? section.height.si : section.diameter.si;
  if (!beam.spacing && structure.column.height.si > height)
    add('second-beam', [put('structure.beam.spacing', Math.max(0.05, 1.5 * height))], {
      spacing: Math.max(0.05, 1.5 * height),
    });
  if (
    !beam.fill &&
    (section.kind === 'rect-tube' || section.kind === 'plate-box' || section.kind === 'round-tube')
  )
    add('fill-beam', [{ path: 'structure.beam.fill', value: 'polymer-concrete' }]);
  if (beam.material === 'aluminium') add('steel-beam', [{ path: 'structure.beam.material', value: 'steel' }]);
  if (project.brief.arrangement === 'cantilever' && !prop)
    add(
      'prop',
      [
        {
          path: 'structure.prop',
          value: {
            at: put('structure.prop.at', beam.length.si).value,
            stiffness: put('structure.prop.stiffness', 2e7).value,
          } as never,
        },
      ],
      { stiffness: 2e7 },
    );
  if (structure.corner)
    add('gusset', [put('structure.corner', structure.corner.si * 4)], { to: structure.corner.si * 4 });
  if (column.height.si > 0.02) {
    add('shorter-column', [put('structure.column.height', column.height.si * 0.75)], {
      to: column.height.si * 0.75,
    });
    if (column.section.kind === 'bar' || column.section.kind === 'rect-tube')
      add(
        'wider-column',
        [
          put('structure.column.section.height', column.section.height.si * 1.4),
          put('structure.column.section.width', column.section.width.si * 1.4),
        ],
        { height: column.section.height.si * 1.4, width: column.section.width.si * 1.4 },
      );
  }
  add('more-supports', [put('structure.bed.supports', bed.supports.si + 2)], { to: bed.supports.si + 2 });
  if (tool.lever && tool.lever.si > 0.04)
    add('shorter-lever', [put('structure.tool.lever', tool.lever.si * 0.7)], { to: tool.lever.si * 0.7 });
  if (tool.drop.si > 0.05)
    add('shorter-drop', [put('structure.tool.drop', tool.drop.si * 0.75)], { to: tool.drop.si * 0.75 });
  if (tool.mountStiffness)
    add('stiffer-mount', [put('structure.tool.mountStiffness', tool.mountStiffness.si * 2)], {
      to: tool.mountStiffness.si * 2,
    });
  project.axes.forEach((axis, i) => {
    if (
      axis.guide.carriageSpan &&
      axis.guide.perRail.si > 1 &&
      (axis.role === 'gantry' || axis.role === 'plunge')
    )
      add(
        'longer-span',
        [
          {
            ...put('guide.carriageSpan', axis.guide.carriageSpan.si * 1.4),
            path: `axes.${i}.guide.carriageSpan`,
          },
        ],
        { axis: axis.name, to: axis.guide.carriageSpan.si * 1.4 },
      );
    if (axis.guide.kind === 'round-rod' && axis.guide.rails.si < 3)
      add('third-rod', [{ ...put('guide.rails', 3), path: `axes.${i}.guide.rails` }], { axis: axis.name });
    if (
      axis.role === 'bed' &&
      axis.drive.sets === 1 &&
      (axis.drive.kind === 'screw' || !axis.drive.crossShaft) &&
      project.brief.arrangement !== 'cantilever'
    )
      add(
        'drive-both-sides',
        [
          { path: `axes.${i}.drive.sets`, value: 2 },
          { ...put('drive.worstShare', 0.7), path: `axes.${i}.drive.worstShare` },
        ],
        { axis: axis.name },
      );
  });
  return found;
}

/** Fewer pieces than the report: the ranking needs no more, and there are a dozen machines to solve. */
const PIECES = 24;
const PLACES = 9;

interface Sums {
  readonly compliance: readonly [number, number, number];
  readonly sag: number;
}

function softestOf(
  project: Project,
  reports: readonly Pick<AxisReport, 'axisId' | 'stiffness'>[],
): Sums | undefined {
  const model = flexModel(project, driveStiffnessOf(reports), PIECES);
  if ('unbuilt' in model) return undefined;
  const solved = solveGantry(model.input, model.base, model.carried, model.series);
  if (!solved.ok) return undefined;
  const all = model.bedPlaces.flatMap((_, bed) => solved.answer.along(bed, stationPlaces(model, PLACES)));
  const sags = all.map((s) => s.sag);
  return {
    compliance: [0, 1, 2].map((d) =>
      Math.max(...all.map((s) => s.compliance[d]!)),
    ) as unknown as Sums['compliance'],
    sag: Math.max(...sags) - Math.min(...sags),
  };
}

/** What moves on the bed axis, or on the first axis where there is none. */
const heaviest = (project: Project) => Math.max(...massReport(project).axes.map((a) => a.total));

/** One step of the ranking: how many of all changes have been tried. */
export interface ImprovementStep {
  readonly done: number;
  readonly of: number;
}

/**
 * Changes to the structure ranked by what they bring in a direction, one solved machine a step, so that the
 * caller can show
 * progress and stop. Those that bring less than 2 % in every direction and none in the sag are left out.
 * @param project as it is stored. @param reports of its axes. @param way direction that matters most.
 */
export function* improvementSteps(
  project: Project,
  reports: readonly Pick<AxisReport, 'axisId' | 'stiffness'>[],
  way: WayId,
): Generator<ImprovementStep, Improvement[]> {
  const now = softestOf(project, reports);
  if (!now) return [];
  const weight = heaviest(project);
  const list = candidates(project);
  const found: Improvement[] = [];
  for (const [i, { code, params, edits }] of list.entries()) {
    const changed = applyEdits(project, edits);
    const then = projectIssues(changed).length ? undefined : softestOf(changed, reports);
    if (then) {
      const gain = Object.fromEntries(
        ways.map((w, d) => [w, now.compliance[d]! / then.compliance[d]!]),
      ) as Record<WayId, number>;
      if (Object.values(gain).some((g) => g > 1.02) || then.sag < 0.97 * now.sag)
        found.push({ code, params, edits, gain, sag: then.sag, heavier: heaviest(changed) - weight });
    }
    yield { done: i + 1, of: list.length };
  }
  return found.sort((a, b) => b.gain[way] - a.gain[way]);
}

/** The whole ranking at once. */
export function improvements(...args: Parameters<typeof improvementSteps>): Improvement[] {
  const steps = improvementSteps(...args);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
