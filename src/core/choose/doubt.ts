import { analyse, type RungId } from '@/core/machine';
import { type Axis, axisFields, fieldRuleAt, getAt, halfWidth, isMeasure, setAt } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';

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

/** A measured torque curve moved as a whole, by what its least certain point may be off. */
function curveMoved(axis: Axis): readonly [up: Axis, down: Axis] | undefined {
  if (axis.motor.kind !== 'stepper' || !axis.motor.curve) return undefined;
  const { points } = axis.motor.curve;
  const off = Math.max(...points.map(({ torque }) => (torque.si > 0 ? halfWidth(torque) / torque.si : 0)));
  if (!(off > 0)) return undefined;
  const by = (factor: number) =>
    points.reduce(
      (a, { torque }, i) => setAt(a, `motor.curve.points.${i}.torque.si`, torque.si * factor),
      axis,
    );
  return [by(1 + off), by(Math.max(0.01, 1 - off))];
}

/** What the builder wishes is no measurement, and the usable share is an allowance: neither carries doubt. */
const isWish = (path: string) =>
  path === 'motor.usableShare' ||
  (path.startsWith('demands.') && path !== 'demands.cuttingForce' && path !== 'demands.inclination');

/**
 * Doubt of the speed ladder by the law of propagation to first order (JCGM 100, 5.1.2): every uncertain input
 * is moved to both ends of its interval, and half the difference of the limit is its share; shares add as
 * squares. Independent inputs; where a limit bends sharply inside the interval it is a rough figure.
 */
export function axisDoubt(axis: Axis): AxisDoubt {
  const limits = (a: Axis) => new Map(analyse(a, silentWorksheet).rungs.map((r) => [r.id, r]));
  const now = limits(axis);
  const causes = new Map<RungId, { path: string; halfWidth: number }[]>(
    [...now.keys()].map((id) => [id, []]),
  );
  const note = (path: string, up: typeof now, down: typeof now) => {
    for (const id of now.keys()) {
      const share = Math.abs(up.get(id)!.limit - down.get(id)!.limit) / 2;
      if (share > 1e-12 && Number.isFinite(share)) causes.get(id)!.push({ path, halfWidth: share });
    }
  };
  for (const path of inputPaths(axis)) {
    const measure = getAt(axis, path);
    if (!isMeasure(measure) || isWish(path)) continue;
    const half = halfWidth(measure);
    if (!(half > 0)) continue;
    // Never below a sliver of the value: no length or mass is negative, however little is known of it.
    // Nor above what the field allows: an efficiency of 0.9 ± 25 % still ends below 1.
    const up = limits(
      setAt(axis, `${path}.si`, Math.min(measure.si + half, Math.max(measure.si, fieldRuleAt(path)!.max))),
    );
    const down = limits(setAt(axis, `${path}.si`, Math.max(measure.si - half, measure.si * 0.01)));
    note(path, up, down);
  }
  const curve = curveMoved(axis);
  if (curve) note('motor.curve', limits(curve[0]), limits(curve[1]));
  const rungs = [...now.keys()].map((id): RungDoubt => {
    const list = causes.get(id)!.sort((a, b) => b.halfWidth - a.halfWidth);
    return { id, halfWidth: Math.sqrt(list.reduce((sum, c) => sum + c.halfWidth ** 2, 0)), causes: list };
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
