import { rack as rackFormulas } from '@/core/drives';
import type { AxisReport } from '@/core/machine';
import type { Axis, BeltDrive, ChainDrive, RackDrive } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { DRIVE_Y, type Layout } from './layout';

interface LayerProps<D> {
  readonly axis: Axis;
  readonly drive: D;
  readonly layout: Layout;
  readonly report: AxisReport;
  readonly system: UnitSystem;
}

/** A motor that rides on the carriage, its wheel below it. */
function Rider({
  axis,
  layout,
  radius,
  below,
}: {
  axis: Axis;
  layout: Layout;
  radius: number;
  below: boolean;
}) {
  const { x, px, face } = layout;
  const at = x(layout.near);
  const side = px(face, 12);
  const wheel = DRIVE_Y + (below ? radius : -radius);
  return (
    <g stroke="var(--rc-ink)" strokeWidth="1">
      <rect x={at - side / 2} y={wheel - side / 2} width={side} height={side} rx="2" fill="var(--rc-steel)" />
      {axis.reducer && <circle cx={at} cy={wheel} r={side * 0.42} fill="none" />}
      <circle
        cx={at}
        cy={wheel}
        r={radius}
        fill="var(--rc-blue-wash)"
        stroke="var(--rc-blue)"
        strokeWidth="1.4"
      />
      <circle cx={at} cy={wheel} r="1.4" fill="var(--rc-ink)" />
    </g>
  );
}

const MOST_TEETH = 140;

/** Rack with its teeth and joints, pinion and riding motor. */
export function RackLayer({ axis, drive, layout, system }: LayerProps<RackDrive>) {
  const { x, px, total, joints } = layout;
  const pitch = rackFormulas.rackPitch.evaluate({ module: drive.module.si, helix: drive.helixAngle.si });
  // Teeth are drawn to scale while they can be told apart, coarser beyond.
  const shown = Math.min(MOST_TEETH, Math.round(total / pitch));
  const step = (x(total) - x(0)) / shown;
  const depth = Math.max(2.5, Math.min(6, px(2.25 * drive.module.si, 2.5)));
  const teeth = `l${step * 0.25} 0l${step * 0.25} ${-depth}l${step * 0.25} 0l${step * 0.25} ${depth}`.repeat(
    shown,
  );
  const body = px(0.02, 8);
  const radius = Math.max(5, px((drive.teeth.si * drive.module.si) / Math.cos(drive.helixAngle.si) / 2, 5));
  const base = DRIVE_Y + depth / 2;
  return (
    <>
      <path
        d={`M${x(0)} ${base}${teeth}V${base + body}H${x(0)}Z`}
        fill="var(--rc-steel)"
        stroke="var(--rc-ink)"
        strokeWidth="0.8"
      />
      {joints.map((j) => (
        <g key={j} stroke="var(--rc-ink)">
          <path d={`M${x(j)} ${base - depth - 3}V${base + body + 4}`} strokeWidth="1.6" />
          <path d={`M${x(j) - 4} ${base + body + 4}h8`} strokeWidth="1" />
        </g>
      ))}
      {joints.length > 0 && (
        <text x={x(joints[joints.length - 1]!) + 7} y={base + body + 13} fontSize="11" fill="var(--rc-soft)">
          {joints.length === 1 ? 'joint at' : `${joints.length} joints, the last at`}{' '}
          {formatQuantity('length', joints[joints.length - 1]!, system, 4).text}
        </text>
      )}
      {drive.park && (
        <path d={`M${x(drive.park.si)} ${base + body + 3}l-4 7h8z`} fill="var(--rc-blue)">
          <title>park position</title>
        </path>
      )}
      <Rider axis={axis} layout={layout} radius={radius} below={false} />
      {drive.mesh === 'sprung' && (
        <path
          d={`M${x(layout.near) + radius + 6} ${DRIVE_Y - 2 * radius - 8}l5 3l-10 4l10 4l-10 4l5 3`}
          fill="none"
          stroke="var(--rc-blue)"
          strokeWidth="1.2"
        />
      )}
    </>
  );
}

/** Belt: a loop over two pulleys with the motor at one end, or an open belt that the riding pulley lifts. */
export function BeltLayer({ axis, drive, layout, report, system }: LayerProps<BeltDrive>) {
  const { x, px, total, face } = layout;
  const radius = Math.max(6, px((drive.teeth.si * drive.pitch.si) / Math.PI / 2, 6));
  const at = x(layout.near);
  const note = report.figures.find((f) => f.id === 'belt-note');
  const text = note && (
    <text
      x={(x(0) + x(total)) / 2}
      y={DRIVE_Y + radius + 15}
      textAnchor="middle"
      fontSize="11"
      fill="var(--rc-soft)"
    >
      {drive.arrangement === 'loop' ? 'return span' : 'half the belt'} sounds{' '}
      {formatQuantity('frequency', note.value, system, 3).text}
    </text>
  );
  if (drive.arrangement === 'open')
    return (
      <>
        <path
          d={
            `M${x(0)} ${DRIVE_Y}H${at - radius * 1.6}L${at - radius * 0.8} ` +
            `${DRIVE_Y - radius * 1.6}H${at + radius * 0.8}L${at + radius * 1.6} ${DRIVE_Y}H${x(total)}`
          }
          fill="none"
          stroke="var(--rc-ink)"
          strokeWidth="2.2"
        />
        {[0, total].map((m) => (
          <rect key={m} x={x(m) - 4} y={DRIVE_Y - 7} width="8" height="14" fill="var(--rc-ink)" />
        ))}
        <Rider axis={axis} layout={layout} radius={radius * 0.8} below={false} />
        {text}
      </>
    );
  const side = px(face, 12);
  return (
    <>
      <rect
        x={x(0) - side / 2}
        y={DRIVE_Y - side / 2}
        width={side}
        height={side}
        rx="2"
        fill="var(--rc-steel)"
        stroke="var(--rc-ink)"
      />
      <path
        d={
          `M${x(0)} ${DRIVE_Y - radius}H${x(total)}A${radius} ${radius} 0 0 1 ${x(total)} ` +
          `${DRIVE_Y + radius}H${x(0)}A${radius} ${radius} 0 0 1 ${x(0)} ${DRIVE_Y - radius}Z`
        }
        fill="none"
        stroke="var(--rc-ink)"
        strokeWidth="2.2"
      />
      <path
        d={`M${x(0)} ${DRIVE_Y - radius + 2.5}H${x(total)}`}
        stroke="var(--rc-ink)"
        strokeWidth="1"
        strokeDasharray="1.5 2.5"
      />
      {[0, total].map((m) => (
        <circle
          key={m}
          cx={x(m)}
          cy={DRIVE_Y}
          r={radius - 2}
          fill="var(--rc-blue-wash)"
          stroke="var(--rc-blue)"
          strokeWidth="1.2"
        />
      ))}
      <rect x={at - 7} y={DRIVE_Y - radius - 4} width="14" height="8" fill="var(--rc-blue)" />
      {text}
    </>
  );
}

/** Roller chain over two sprockets; where it hangs free its slack strand sags, drawn larger than it is. */
export function ChainLayer({ axis, drive, layout, report, system }: LayerProps<ChainDrive>) {
  const { x, px, total, face } = layout;
  const radius = Math.max(7, px(drive.pitch.si / Math.sin(Math.PI / drive.teeth.si) / 2, 7));
  const at = x(layout.near);
  const side = px(face, 12);
  const sag = report.figures.find((f) => f.id === 'chain-sag');
  const depth = drive.laid === 'free' ? 12 : 0;
  return (
    <>
      <rect
        x={x(0) - side / 2}
        y={DRIVE_Y - side / 2}
        width={side}
        height={side}
        rx="2"
        fill="var(--rc-steel)"
        stroke="var(--rc-ink)"
      />
      {[0, total].map((m) => (
        <circle
          key={m}
          cx={x(m)}
          cy={DRIVE_Y}
          r={radius - 1.5}
          fill="var(--rc-blue-wash)"
          stroke="var(--rc-blue)"
          strokeWidth="1.4"
          strokeDasharray="3 2"
        />
      ))}
      <g fill="none" stroke="var(--rc-ink)">
        <path d={`M${x(0)} ${DRIVE_Y - radius}H${x(total)}`} strokeWidth="2.6" strokeDasharray="4 1.5" />
        <path
          d={
            `M${x(0)} ${DRIVE_Y + radius}Q${(x(0) + x(total)) / 2} ${DRIVE_Y + radius + 2 * depth} ` +
            `${x(total)} ${DRIVE_Y + radius}`
          }
          strokeWidth="2.6"
          strokeDasharray="4 1.5"
        />
        {drive.laid === 'tray' && (
          <path d={`M${x(0) + radius} ${DRIVE_Y + radius + 4}H${x(total) - radius}`} strokeWidth="1" />
        )}
      </g>
      <rect x={at - 7} y={DRIVE_Y - radius - 4} width="14" height="8" fill="var(--rc-blue)" />
      {sag && (
        <text
          x={(x(0) + x(total)) / 2}
          y={DRIVE_Y + radius + depth + 14}
          textAnchor="middle"
          fontSize="11"
          fill="var(--rc-soft)"
        >
          sags {formatQuantity('length', sag.value, system, 2).text}, drawn larger
        </text>
      )}
      {axis.reducer && <circle cx={x(0)} cy={DRIVE_Y} r={side * 0.45} fill="none" stroke="var(--rc-ink)" />}
    </>
  );
}
