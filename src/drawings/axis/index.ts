import {
  composed,
  type Drawing,
  joined,
  line,
  outline,
  type Parts,
  turnedParts,
  type Wanted,
} from '@/core/drawing';
import type { AxisReport } from '@/core/machine';
import { type Axis, shaftDriven } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { carriages, loadArrows, rail } from './guide';
import { type Layout, layoutOf, type Paper } from './layout';
import { crank } from './crank';
import { belt, chain, rack } from './line';
import { screw } from './screw';

export type { Paper };

/** An axis with what was worked out about it. */
export interface AxisShown {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly system: UnitSystem;
  /** Left out: a sheet on the desk. */
  readonly paper?: Paper;
}

/** From what to what the length of the drive is measured. */
function acrossOf({ drive }: Axis): string {
  if (drive.kind === 'screw') return 'between bearings';
  if (drive.kind === 'rack') return 'rack';
  if (drive.kind === 'crank') return 'shaft to pin, stretched out';
  return drive.kind === 'belt' && drive.arrangement === 'open' ? 'clamp to clamp' : 'shaft to shaft';
}

const whipOf = (report: AxisReport) => report.ladder.find((r) => r.id === 'whip');

/** One line that says what the drawing shows, for those who do not see it. */
export function axisInWords({ axis, report, system }: AxisShown): string {
  const { drive } = axis;
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const whip = whipOf(report);
  const whips = whip && whip.verdict !== 'holds' ? ', whipping' : '';
  const what =
    drive.kind === 'screw'
      ? `${drive.motorEnd} and ${drive.farEnd}, screw ${say(drive.nominalDiameter.si)}${whips}`
      : drive.kind === 'crank'
        ? `crank of ${say(drive.crankRadius.si)}`
        : `${drive.kind} with ${drive.teeth.si} teeth`;
  const { total } = layoutOf(axis);
  return `${axis.name}: travel ${say(axis.demands.travel.si)}, ${say(total)} ${acrossOf(axis)}, ${what}`;
}

function driveParts({ axis, report, system }: AxisShown, layout: Layout): Partial<Parts>[] {
  const { drive } = axis;
  switch (drive.kind) {
    case 'screw':
      return screw(axis, drive, layout, whipOf(report), system);
    case 'rack':
      return rack(axis, drive, layout, system);
    case 'belt':
      return belt(axis, drive, layout, report, system);
    case 'chain':
      return chain(axis, drive, layout, report, system);
    case 'crank':
      return crank(drive, layout);
  }
}

function dimensionsOf({ axis, system }: AxisShown, layout: Layout): Wanted[] {
  const { near, far, railStart, rail: long, total, drive, paper } = layout;
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const level = { layer: 'dimensions', along: 'x' } as const;
  const top = paper(18);
  return [
    {
      ...level,
      side: 1,
      from: { x: near, y: top },
      to: { x: far, y: top },
      text: `travel ${say(axis.demands.travel.si)}`,
    },
    ...(axis.guide.railLength
      ? [
          {
            ...level,
            side: 1 as const,
            from: { x: railStart, y: paper(4) },
            to: { x: railStart + long, y: paper(4) },
            text: `rail ${say(long)}`,
          },
        ]
      : []),
    {
      ...level,
      side: -1,
      from: { x: 0, y: drive - paper(12) },
      to: { x: total, y: drive - paper(12) },
      text: `${acrossOf(axis)} ${say(total)}`,
    },
  ];
}

/** From this lean on the drawing says which end is up: about 1°. */
const LEAN = 0.02;

/** Which way is up on an axis that leans but lies, and what of it stands twice. */
function notes({ demands, drive, guide }: Axis, layout: Layout): Partial<Parts> {
  const { railStart, rail: long, paper, upright, total } = layout;
  const shaft = shaftDriven(drive);
  const end = { x: Math.max(railStart + long, total), y: paper(guide.railLength ? 20 : 12) };
  const tip = { x: end.x + paper(16), y: end.y };
  const pen = { ink: 'ink', width: 1 } as const;
  const leans = demands.inclination.si > LEAN && !upright;
  const twice = shaft ? 'one side; a shaft drives the other' : 'one of two sides';
  const label = { layer: 'notes', size: 11, ink: 'soft' } as const;
  return {
    shapes: leans
      ? [
          line('notes', end, tip, { pen }),
          outline(
            'notes',
            [
              tip,
              { x: tip.x - paper(5), y: tip.y + paper(2.5) },
              { x: tip.x - paper(5), y: tip.y - paper(2.5) },
            ],
            { fill: 'ink' },
          ),
        ]
      : [],
    labels: [
      ...(leans
        ? [{ ...label, text: `${demands.inclination.typed} up`, at: tip, prefer: ['above' as const] }]
        : []),
      ...(drive.sets === 2 || shaft
        ? [{ ...label, text: twice, at: { x: 0, y: layout.drive - paper(30) }, prefer: ['below' as const] }]
        : []),
    ],
  };
}

/**
 * The axis along its travel, lengths and heights to one scale: rail with carriages at both ends of travel,
 * the loads that they carry, the drive with its motor. A steep axis stands upright, its motor on top. What
 * is not given is drawn dashed.
 */
export function axisDrawing(shown: AxisShown): Drawing {
  const { axis, report, system, paper } = shown;
  const layout = layoutOf(axis, paper);
  const parts = joined(
    { shapes: rail(axis.guide, layout) },
    { shapes: carriages(axis.guide, layout, layout.far, true) },
    loadArrows(report, layout, layout.far, system),
    { shapes: carriages(axis.guide, layout, layout.near, false) },
    ...driveParts(shown, layout),
    notes(axis, layout),
    { dimensions: dimensionsOf(shown, layout) },
  );
  return composed(layout.upright ? turnedParts(parts) : parts, layout.scale);
}
