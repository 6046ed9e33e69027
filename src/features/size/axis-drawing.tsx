import type { AxisReport } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { Dimension } from '@/ui/drawing/dimension';
import styles from './sheet.module.css';

const WIDTH = 560;
const HEIGHT = 214;

/** NEMA ICS 16 faces by holding torque: the drawing only needs a likely square for the motor, m. */
function motorFace(holding: number): number {
  return holding < 0.7 ? 0.042 : holding < 3.2 ? 0.057 : 0.086;
}

/**
 * The axis along its travel, lengths and heights to one scale: rail with carriages at both ends of travel,
 * screw between its bearings, motor. What is not given is drawn dashed.
 */
export function AxisDrawing({ axis, report, system }: { axis: Axis; report: AxisReport; system: UnitSystem }) {
  const { drive, guide, demands } = axis;
  const travel = demands.travel.si;
  const between = drive.betweenBearings.si;
  const face = motorFace(axis.motor.holdingTorque.si);
  const span = guide.carriageSpan?.si ?? Math.min(0.3, 0.4 * between);
  const rail = guide.railLength?.si ?? travel + span;
  const offset = drive.nutOffset?.si ?? (between - travel) / 2;
  // A reducer is drawn as the front part of the motor, parted by a line.
  const reducerLength = axis.reducer ? face * 0.7 : 0;
  const motorLength = face * 1.5 + reducerLength;
  // The middle of the nut goes with the middle of the carriages; x = 0 is the motor-end bearing.
  const railStart = offset + travel / 2 - rail / 2;
  const left = Math.min(-motorLength - face, railStart);
  const right = Math.max(between + face, railStart + rail);
  const scale = Math.min((WIDTH - 56) / (right - left), 50 / (face * 1.2));
  const x = (m: number) => (WIDTH - (right - left) * scale) / 2 + (m - left) * scale;
  const px = (m: number, least = 2) => Math.max(least, m * scale);
  const say = (m: number) => formatQuantity('length', m, system, 5).text;

  const railY = 84;
  const screwY = 138;
  const carriageHeight = px(0.045, 9);
  const block = Math.min(px(0.08, 8), (span * scale) / 2.2);
  const near = x(offset);
  const far = x(offset + travel);
  const whip = report.ladder.find((r) => r.id === 'whip');
  const bow = whip !== undefined && whip.verdict !== 'holds';
  const lean = demands.inclination.si > 0.02;
  const motorHeight = px(face, 12);
  const bearing = (at: number, fixing: string) => {
    const w = px(0.03, 7);
    const h = px(0.05, 16);
    if (fixing === 'free') return null;
    return <rect x={at - w / 2} y={screwY - h / 2} width={w} height={h} fill={fixing === 'fixed' ? 'var(--rc-ink)' : 'var(--rc-panel)'} stroke="var(--rc-ink)" strokeWidth="1.2" />;
  };
  const carriages = (centre: number, ghost: boolean) => (
    <g fill={ghost ? 'none' : 'var(--rc-blue-wash)'} stroke="var(--rc-blue)" strokeWidth="1.2" strokeDasharray={ghost || !guide.carriageSpan ? '4 3' : undefined} opacity={ghost ? 0.7 : 1}>
      <rect x={centre - (span * scale) / 2} y={railY - carriageHeight} width={block} height={carriageHeight} rx="1.5" />
      <rect x={centre + (span * scale) / 2 - block} y={railY - carriageHeight} width={block} height={carriageHeight} rx="1.5" />
      <path d={`M${centre - (span * scale) / 2} ${railY - carriageHeight - 3}H${centre + (span * scale) / 2}`} strokeWidth={ghost ? 1.5 : 3} />
      {!ghost && <path d={`M${centre} ${railY - carriageHeight - 3}V${screwY - 6}`} strokeWidth="1" strokeDasharray="2 2" />}
    </g>
  );
  const holes = Math.max(2, Math.min(40, Math.floor(rail / 0.06)));
  const label = `${axis.name}: travel ${say(travel)}, ${say(between)} between bearings, ${drive.motorEnd} and ${drive.farEnd}, screw ${say(drive.nominalDiameter.si)}${bow ? ', whipping' : ''}`;

  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={styles.drawing} role="img" aria-label={label}>
      <Dimension x1={near} x2={far} y={24} from1={railY - carriageHeight - 8} from2={railY - carriageHeight - 8} text={`travel ${say(travel)}`} />
      {guide.railLength && <Dimension x1={x(railStart)} x2={x(railStart + rail)} y={106} from1={railY + 4} from2={railY + 4} text={`rail ${say(rail)}`} />}
      <g stroke="var(--rc-ink)" strokeWidth="1" fill="var(--rc-steel)" strokeDasharray={guide.railLength ? undefined : '5 4'}>
        <rect x={x(railStart)} y={railY} width={rail * scale} height={px(0.02, 7)} />
        <g fill="none" strokeWidth="0.7" strokeDasharray="none">
          {Array.from({ length: holes }, (_, i) => <circle key={i} cx={x(railStart + (rail * (i + 0.5)) / holes)} cy={railY + px(0.02, 7) / 2} r={Math.min(1.6, px(0.02, 7) / 4)} />)}
        </g>
      </g>
      {carriages(far, true)}
      {carriages(near, false)}
      {drive.turning === 'nut' ? (
        <g stroke="var(--rc-ink)" strokeWidth="1">
          <rect x={near + px(0.03, 7)} y={screwY + px(0.03, 8)} width={px(motorLength, 14)} height={motorHeight} rx="2" fill="var(--rc-steel)" />
          <path d={`M${near} ${screwY}V${screwY + px(0.03, 8) + motorHeight / 2}H${near + px(0.03, 7)}`} strokeWidth="2" fill="none" />
          <text x={near + px(0.03, 7) + px(motorLength, 14) + 6} y={screwY + px(0.03, 8) + motorHeight / 2 + 4} fontSize="11" fill="var(--rc-soft)" stroke="none">nut turns, screw stands</text>
        </g>
      ) : (
      <g stroke="var(--rc-ink)" strokeWidth="1">
        <rect x={x(0) - px(0.012, 4) - motorLength * scale - face * scale * 0.5} y={screwY - motorHeight / 2} width={px(motorLength, 14)} height={motorHeight} rx="2" fill="var(--rc-steel)" />
        {reducerLength > 0 && <path d={`M${x(0) - px(0.012, 4) - face * scale * 0.5 - reducerLength * scale} ${screwY - motorHeight / 2}v${motorHeight}`} />}
        <path d={`M${x(0) - px(0.012, 4) - face * scale * 0.5} ${screwY}H${x(0)}`} strokeWidth="2.5" />
        <rect x={x(0) - px(0.012, 4) - face * scale * 0.45} y={screwY - px(0.012, 3.5)} width={px(face * 0.35, 4)} height={2 * px(0.012, 3.5)} fill="var(--rc-panel)" />
      </g>
      )}
      <rect x={x(0)} y={screwY - px(drive.nominalDiameter.si, 2.5) / 2} width={between * scale} height={px(drive.nominalDiameter.si, 2.5)} fill="var(--rc-ink)" opacity="0.9" />
      <rect x={near - px(0.025, 5)} y={screwY - px(0.02, 6)} width={2 * px(0.025, 5)} height={2 * px(0.02, 6)} fill="var(--rc-blue)" strokeDasharray={drive.nutOffset ? undefined : '3 2'} stroke="var(--rc-ink)" />
      {bearing(x(0), drive.motorEnd)}
      {bearing(x(between), drive.farEnd)}
      {bow && (
        <g fill="none" stroke={whip.verdict === 'thin' ? 'var(--rc-amber)' : 'var(--rc-red)'} strokeWidth="1.1" strokeDasharray="4 3">
          {[-20, 20].map((h) => <path key={h} d={`M${x(0)} ${screwY}Q${(x(0) + x(between)) / 2} ${screwY + 2 * h} ${x(between)} ${screwY}`} />)}
          <text x={x(between) - between * scale * 0.24} y={screwY + 27} textAnchor="middle" fontSize="11" fill={whip.verdict === 'thin' ? 'var(--rc-amber)' : 'var(--rc-red)'} stroke="none">bow at {formatQuantity('speed', whip.limit, system, 3).text}, not to scale</text>
        </g>
      )}
      <Dimension x1={x(0)} x2={x(between)} y={188} from1={screwY + 12} from2={screwY + 12} text={`between bearings ${say(between)}`} />
      {lean && (
        <g stroke="var(--rc-ink)" fill="none">
          <path d="M530 30l14 0M544 30l-5 -2.5v5z" fill="var(--rc-ink)" />
          <text x="526" y="34" textAnchor="end" fontSize="11" fill="var(--rc-soft)" stroke="none">{demands.inclination.si > 1.5 ? 'up' : `${axis.demands.inclination.typed} up`}</text>
        </g>
      )}
      {drive.sets === 2 && <text x="12" y="206" fontSize="11" fill="var(--rc-soft)">one of two sides</text>}
    </svg>
  );
}
