import type { Rung } from '@/core/machine';
import type { Axis, ScrewDrive } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { DRIVE_Y, type Layout } from './layout';

/** Screw between its bearings with nut and motor, and the bow in which it whips. */
export function ScrewLayer({
  axis,
  drive,
  layout,
  whip,
  system,
}: {
  axis: Axis;
  drive: ScrewDrive;
  layout: Layout;
  whip: Rung | undefined;
  system: UnitSystem;
}) {
  const { x, px, face, motorLength, reducerLength, total } = layout;
  const near = x(layout.near);
  const motorHeight = px(face, 12);
  const motorWidth = px(motorLength, 14);
  const thick = px(drive.nominalDiameter.si, 2.5);
  const bearing = (at: number, fixing: string) => {
    if (fixing === 'free') return null;
    const [w, h] = [px(0.03, 7), px(0.05, 16)];
    return (
      <rect
        x={at - w / 2}
        y={DRIVE_Y - h / 2}
        width={w}
        height={h}
        fill={fixing === 'fixed' ? 'var(--rc-ink)' : 'var(--rc-panel)'}
        stroke="var(--rc-ink)"
        strokeWidth="1.2"
      />
    );
  };
  const shaftEnd = x(0) - px(0.012, 4) - (x(face) - x(0)) * 0.5;
  const bow = whip !== undefined && whip.verdict !== 'holds';
  const colour = whip?.verdict === 'thin' ? 'var(--rc-amber)' : 'var(--rc-red)';
  return (
    <>
      {drive.turning === 'nut' ? (
        <g stroke="var(--rc-ink)" strokeWidth="1">
          <rect
            x={near + px(0.03, 7)}
            y={DRIVE_Y + px(0.03, 8)}
            width={motorWidth}
            height={motorHeight}
            rx="2"
            fill="var(--rc-steel)"
          />
          <path
            d={`M${near} ${DRIVE_Y}V${DRIVE_Y + px(0.03, 8) + motorHeight / 2}H${near + px(0.03, 7)}`}
            strokeWidth="2"
            fill="none"
          />
          <text
            x={near + px(0.03, 7) + motorWidth + 6}
            y={DRIVE_Y + px(0.03, 8) + motorHeight / 2 + 4}
            fontSize="11"
            fill="var(--rc-soft)"
            stroke="none"
          >
            nut turns, screw stands
          </text>
        </g>
      ) : (
        <g stroke="var(--rc-ink)" strokeWidth="1">
          <rect
            x={shaftEnd - (x(motorLength) - x(0))}
            y={DRIVE_Y - motorHeight / 2}
            width={motorWidth}
            height={motorHeight}
            rx="2"
            fill="var(--rc-steel)"
          />
          {axis.reducer && (
            <path
              d={`M${shaftEnd - (x(reducerLength) - x(0))} ${DRIVE_Y - motorHeight / 2}v${motorHeight}`}
            />
          )}
          <path d={`M${shaftEnd} ${DRIVE_Y}H${x(0)}`} strokeWidth="2.5" />
          <rect
            x={shaftEnd + px(face * 0.05, 0.5)}
            y={DRIVE_Y - px(0.012, 3.5)}
            width={px(face * 0.35, 4)}
            height={2 * px(0.012, 3.5)}
            fill="var(--rc-panel)"
          />
        </g>
      )}
      <rect
        x={x(0)}
        y={DRIVE_Y - thick / 2}
        width={x(total) - x(0)}
        height={thick}
        fill="var(--rc-ink)"
        opacity="0.9"
      />
      <rect
        x={near - px(0.025, 5)}
        y={DRIVE_Y - px(0.02, 6)}
        width={2 * px(0.025, 5)}
        height={2 * px(0.02, 6)}
        fill="var(--rc-blue)"
        strokeDasharray={drive.nutOffset ? undefined : '3 2'}
        stroke="var(--rc-ink)"
      />
      {bearing(x(0), drive.motorEnd)}
      {bearing(x(total), drive.farEnd)}
      {bow && (
        <g fill="none" stroke={colour} strokeWidth="1.1" strokeDasharray="4 3">
          {[-20, 20].map((h) => (
            <path
              key={h}
              d={`M${x(0)} ${DRIVE_Y}Q${(x(0) + x(total)) / 2} ${DRIVE_Y + 2 * h} ${x(total)} ${DRIVE_Y}`}
            />
          ))}
          <text
            x={x(total * 0.76)}
            y={DRIVE_Y + 27}
            textAnchor="middle"
            fontSize="11"
            fill={colour}
            stroke="none"
          >
            bow at {formatQuantity('speed', whip.limit, system, 3).text}, not to scale
          </text>
        </g>
      )}
    </>
  );
}
