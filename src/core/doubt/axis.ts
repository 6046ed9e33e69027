import { analyse, type RungId } from '@/core/machine';
import {
  type Axis,
  axisFields,
  fieldRuleAt,
  getAt,
  halfWidth,
  isMeasure,
  type Measure,
  setAt,
} from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { bearsDoubtInAxis, spreadAt } from './sure';

/** How far a rung may really lie from where it is drawn. */
export interface RungDoubt {
  readonly id: RungId;
  /** Half-width of the 95 % interval of the limit, m/s. */
  readonly halfWidth: number;
  /**
   * Inputs that make it, the largest share first: path inside the axis and the half-width it causes alone,
   * m/s.
   */
  readonly causes: readonly { readonly path: string; readonly halfWidth: number }[];
}

export interface AxisDoubt {
  readonly rungs: readonly RungDoubt[];
  /**
   * The input whose doubt moves the tightest rung most, worth measuring next; undefined where all are
   * measured.
   */
  readonly next?: { readonly path: string; readonly rung: RungId; readonly halfWidth: number };
}

/** Paths of all measured inputs that an axis has, bodies included. */
function inputPaths(axis: Axis): string[] {
  return [
    ...Object.keys(axisFields).filter((path) => isMeasure(getAt(axis, path))),
    ...axis.loads.masses.map((_, i) => `loads.masses.${i}.mass`),
  ];
}

/** By what a measured torque curve may be off as a whole, relative: as its least certain point. */
export const curveOff = (points: readonly { readonly torque: Measure }[]): number =>
  Math.max(...points.map(({ torque }) => (torque.si > 0 ? halfWidth(torque) / torque.si : 0)));

/** A measured torque curve moved as a whole. */
function curveMoved(
  axis: Axis,
): { readonly up: Axis; readonly down: Axis; readonly span: number } | undefined {
  if (axis.motor.kind !== 'stepper' || !axis.motor.curve) return undefined;
  const { points } = axis.motor.curve;
  const off = curveOff(points);
  if (!(off > 0)) return undefined;
  const by = (factor: number) =>
    points.reduce(
      (a, { torque }, i) => setAt(a, `motor.curve.points.${i}.torque.si`, torque.si * factor),
      axis,
    );
  const least = Math.max(0.01, 1 - off);
  return { up: by(1 + off), down: by(least), span: 1 + off - least };
}

/** An input that moves an answer: its path inside the axis, and the answer at both ends of its interval. */
export interface Sway {
  readonly path: string;
  readonly up: number;
  readonly down: number;
  /** Between both ends, in the input’s own unit; of a torque curve, as a share of it. */
  readonly span: number;
}

/**
 * How every uncertain input of an axis moves its answers, one at a time, to both ends of its 95 % interval
 * (JCGM 100, 5.1.2, to first order).
 * @param answers of an axis, by name; what is no number is left out.
 */
export function swaysOf<Id extends string>(
  axis: Axis,
  answers: (axis: Axis) => ReadonlyMap<Id, number>,
): ReadonlyMap<Id, readonly Sway[]> {
  const sways = new Map<Id, Sway[]>([...answers(axis).keys()].map((id) => [id, []]));
  type Answers = ReadonlyMap<Id, number>;
  const note = (path: string, span: number, up: Answers, down: Answers) => {
    for (const [id, list] of sways) {
      const [high, low] = [up.get(id) ?? NaN, down.get(id) ?? NaN];
      if (Math.abs(high - low) / 2 > 1e-12 && Number.isFinite(high - low))
        list.push({ path, up: high, down: low, span });
    }
  };
  for (const path of inputPaths(axis)) {
    const measure = getAt(axis, path);
    if (!isMeasure(measure) || !bearsDoubtInAxis(path)) continue;
    const half = spreadAt(path, measure);
    if (!(half > 0)) continue;
    // Never below a sliver of the value: no length or mass is negative, however little is known of it.
    // Nor above what the field allows: an efficiency of 0.9 ± 25 % still ends below 1.
    const high = Math.min(measure.si + half, Math.max(measure.si, fieldRuleAt(path)!.max));
    const low = Math.max(measure.si - half, measure.si * 0.01);
    const at = (si: number) => answers(setAt(axis, `${path}.si`, si));
    note(path, high - low, at(high), at(low));
  }
  const curve = curveMoved(axis);
  if (curve) note('motor.curve', curve.span, answers(curve.up), answers(curve.down));
  return sways;
}

/** Half of the 95 % interval that inputs make together: they know nothing of one another. */
export const swayed = (sways: readonly Sway[]): number =>
  Math.sqrt(sways.reduce((sum, { up, down }) => sum + ((up - down) / 2) ** 2, 0));

/**
 * Doubt of the speed ladder by the law of propagation to first order: every uncertain input is moved to both
 * ends of its interval, and half the difference of the limit is its share; shares add as squares. Independent
 * inputs; where a limit bends sharply inside the interval it is a rough figure.
 */
export function axisDoubt(axis: Axis): AxisDoubt {
  const now = new Map(analyse(axis, silentWorksheet).rungs.map((r) => [r.id, r]));
  const sways = swaysOf<RungId>(
    axis,
    (a) => new Map(analyse(a, silentWorksheet).rungs.map((r) => [r.id, r.limit])),
  );
  const rungs = [...now.keys()].map((id): RungDoubt => {
    const own = sways.get(id)!;
    const causes = own.map(({ path, up, down }) => ({ path, halfWidth: Math.abs(up - down) / 2 }));
    return { id, halfWidth: swayed(own), causes: causes.sort((a, b) => b.halfWidth - a.halfWidth) };
  });
  // A rung matters for the next measurement where its interval reaches what is asked, the closest call first.
  const open = rungs
    .map((d) => ({ d, rung: now.get(d.id)! }))
    .filter(({ d, rung }) => Math.abs(rung.limit - rung.asked) < d.halfWidth)
    .sort(
      (a, b) =>
        Math.abs(a.rung.limit - a.rung.asked) / a.d.halfWidth -
        Math.abs(b.rung.limit - b.rung.asked) / b.d.halfWidth,
    )[0];
  const cause = open?.d.causes.find((c) => {
    const m = getAt(axis, c.path);
    // What nobody has said is to be said first: there may be nothing yet to measure.
    return isMeasure(m) && m.basis !== 'measured' && m.basis !== 'ours';
  });
  return cause
    ? { rungs, next: { path: cause.path, rung: open!.d.id, halfWidth: cause.halfWidth } }
    : { rungs };
}
