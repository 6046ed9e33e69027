import type { AxisReport } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { Dimension } from '@/ui/drawing/dimension';
import styles from '../sheet.module.css';
import { Carriages, LoadArrows, RailLayer } from './guide-layer';
import { DRIVE_Y, HEIGHT, type Layout, layoutOf, RAIL_Y, WIDTH } from './layout';
import { BeltLayer, ChainLayer, RackLayer } from './line-layer';
import { ScrewLayer } from './screw-layer';

interface DrawingProps {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly system: UnitSystem;
}

function DriveLayer({ axis, report, system, layout }: DrawingProps & { layout: Layout }) {
  const { drive } = axis;
  switch (drive.kind) {
    case 'screw':
      return (
        <ScrewLayer
          axis={axis}
          drive={drive}
          layout={layout}
          whip={report.ladder.find((r) => r.id === 'whip')}
          system={system}
        />
      );
    case 'rack':
      return <RackLayer axis={axis} drive={drive} layout={layout} report={report} system={system} />;
    case 'belt':
      return <BeltLayer axis={axis} drive={drive} layout={layout} report={report} system={system} />;
    case 'chain':
      return <ChainLayer axis={axis} drive={drive} layout={layout} report={report} system={system} />;
  }
}

const acrossOf = ({ drive }: Axis): string =>
  drive.kind === 'screw'
    ? 'between bearings'
    : drive.kind === 'rack'
      ? 'rack'
      : drive.kind === 'belt' && drive.arrangement === 'open'
        ? 'clamp to clamp'
        : 'shaft to shaft';

/** One line that says what the drawing shows, for those who do not see it. */
function inWords({ axis, report, system }: DrawingProps, total: number): string {
  const { drive } = axis;
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const whip = report.ladder.find((r) => r.id === 'whip');
  const what =
    drive.kind === 'screw'
      ? `${drive.motorEnd} and ${drive.farEnd}, screw ` +
        `${say(drive.nominalDiameter.si)}${whip && whip.verdict !== 'holds' ? ', whipping' : ''}`
      : `${drive.kind} with ${drive.teeth.si} teeth`;
  return `${axis.name}: travel ${say(axis.demands.travel.si)}, ${say(total)} ${acrossOf(axis)}, ${what}`;
}

/**
 * The axis along its travel, lengths and heights to one scale: rail with carriages at both ends of travel,
 * the loads that they carry, the drive with its motor. What is not given is drawn dashed.
 */
export function AxisDrawing({ axis, report, system }: DrawingProps) {
  const { guide, demands, drive } = axis;
  const layout = layoutOf(axis);
  const { x, px, total, rail, railStart } = layout;
  const say = (m: number) => formatQuantity('length', m, system, 5).text;
  const near = x(layout.near);
  const far = x(layout.near + demands.travel.si);
  const top = RAIL_Y - px(0.045, 9) - 8;
  const lean = demands.inclination.si > 0.02;
  const shaft = drive.kind !== 'screw' && drive.crossShaft;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.drawing}
      role="img"
      aria-label={inWords({ axis, report, system }, total)}
    >
      <Dimension
        x1={near}
        x2={far}
        y={24}
        from1={top}
        from2={top}
        text={`travel ${say(demands.travel.si)}`}
      />
      {guide.railLength && (
        <Dimension
          x1={x(railStart)}
          x2={x(railStart + rail)}
          y={106}
          from1={RAIL_Y + 4}
          from2={RAIL_Y + 4}
          text={`rail ${say(rail)}`}
        />
      )}
      <RailLayer guide={guide} layout={layout} />
      <Carriages guide={guide} layout={layout} centre={far} ghost />
      <LoadArrows report={report} layout={layout} centre={far} system={system} />
      <Carriages guide={guide} layout={layout} centre={near} ghost={false} />
      <DriveLayer axis={axis} report={report} system={system} layout={layout} />
      <Dimension
        x1={x(0)}
        x2={x(total)}
        y={188}
        from1={DRIVE_Y + 12}
        from2={DRIVE_Y + 12}
        text={`${acrossOf(axis)} ${say(total)}`}
      />
      {lean && (
        <g stroke="var(--rc-ink)" fill="none">
          <path d="M530 30l14 0M544 30l-5 -2.5v5z" fill="var(--rc-ink)" />
          <text x="526" y="34" textAnchor="end" fontSize="11" fill="var(--rc-soft)" stroke="none">
            {demands.inclination.si > 1.5 ? 'up' : `${demands.inclination.typed} up`}
          </text>
        </g>
      )}
      {(drive.sets === 2 || shaft) && (
        <text x="12" y="206" fontSize="11" fill="var(--rc-soft)">
          {shaft ? 'one side; a shaft drives the other' : 'one of two sides'}
        </text>
      )}
    </svg>
  );
}
