import { drivetrainFormulas as f, meshOf } from '@/core/metrology';
import { quantity } from '@/core/units';
import { figureOf } from './figure';
import { MESH_PLAY } from './good';
import { isComplete, type Read, usualDoubt } from './readings';
import { NO_RESULT, type SheetResult } from './result';
import type { SheetPlan } from './sheet';

const length = (v: number) => quantity('length', v);

const pointsAt = (plan: SheetPlan, read: Read) =>
  plan.places.flatMap(({ x }, i) => {
    const h = read.means[i]?.mean;
    return h === undefined ? [] : [{ x, h }];
  });

/** A screw beside its rail: how far each plane strays over the travel. */
export function workScrew(plan: SheetPlan, read: Read): SheetResult {
  const reading = usualDoubt(read);
  const points = pointsAt(plan, read);
  if (!isComplete(read)) return { ...NO_RESULT, points, standard: reading.standard };
  const plane = (from: number) => read.means.slice(from, from + 3).map((m) => m!.mean);
  const figures = ['height', 'side'].map((id, i) => {
    const h = plane(3 * i);
    const range = Math.max(...h) - Math.min(...h);
    const made = { id, of: 'length', value: range, standard: Math.SQRT2 * reading.standard } as const;
    return figureOf({ ...made, good: plan.good.value }, reading, read.scatter);
  });
  return { ...NO_RESULT, figures, points, standard: reading.standard };
}

/** Play along a rack: where it is tightest it decides, line and wave tell what to mend. */
export function workMesh(plan: SheetPlan, read: Read): SheetResult {
  const reading = usualDoubt(read);
  const points = pointsAt(plan, read);
  if (points.length < 5) return { ...NO_RESULT, points, standard: reading.standard };
  const u = reading.standard;
  const tightest = Math.min(...points.map((p) => p.h));
  const middle = (MESH_PLAY.least + MESH_PLAY.most) / 2;
  // Between a little play and a little more: how far the tightest place is off the middle of both.
  const window = figureOf(
    { id: 'tightest', of: 'length', value: tightest - middle, standard: u, good: plan.good.value },
    reading,
    read.scatter,
  );
  const parts = partsOf(plan, points);
  const wave =
    parts && figureOf({ id: 'wave', of: 'length', value: parts.wave, standard: u, good: null }, reading, 0);
  const rise =
    parts && figureOf({ id: 'rise', of: 'length', value: parts.rise, standard: u, good: null }, reading, 0);
  const off = f.pinionEccentric.evaluate({
    wave: length(tightest - middle),
    pressure: quantity('angle', plan.sizes.pressure ?? 0.35),
    helix: quantity('angle', plan.sizes.helix ?? 0),
  });
  return {
    ...NO_RESULT,
    figures: [window, ...(wave && rise ? [wave, rise] : [])],
    // Closer where there is too much play.
    moves: [{ kind: 'side', bolt: null, by: -off }],
    expected: 0,
    points,
    standard: u,
  };
}

/** Line and wave of a play; undefined where the places do not tell them apart yet. */
function partsOf(
  { sizes, places }: SheetPlan,
  points: readonly { readonly x: number; readonly h: number }[],
) {
  try {
    const found = meshOf(
      points.map((p) => ({ x: p.x, play: p.h })),
      sizes.turn ?? 1,
    );
    return { wave: found.wave, rise: found.slope * (places.at(-1)!.x - places[0]!.x) };
  } catch {
    return undefined;
  }
}

/** Belts by their tone: each beside the pull that the plan reckons with. */
export function workBelt(plan: SheetPlan, read: Read): SheetResult {
  const reading = usualDoubt(read);
  const { span = 1, mass = 1, pull = 0 } = plan.sizes;
  const density = quantity('linearDensity', mass);
  const figures = read.means.flatMap((m, i) => {
    if (!m) return [];
    const tone = quantity('frequency', m.mean);
    const found = f.beltTone.evaluate({ density, span: length(span), tone });
    // The pull goes with the square of the tone.
    const standard = 8 * mass * span * span * Math.abs(m.mean) * reading.standard;
    return [
      figureOf(
        { id: `pull-${i + 1}`, of: 'force', value: found - pull, standard, good: plan.good.value },
        reading,
        read.scatter,
      ),
    ];
  });
  return { ...NO_RESULT, figures, standard: reading.standard };
}

/** Chains by their sag: between a hundredth and a fiftieth of the span. */
export function workChain(plan: SheetPlan, read: Read): SheetResult {
  const reading = usualDoubt(read);
  const { span = 1 } = plan.sizes;
  const figures = read.means.flatMap((m, i) =>
    m
      ? [
          figureOf(
            {
              id: `sag-${i + 1}`,
              of: 'length',
              value: m.mean - 0.015 * span,
              standard: reading.standard,
              good: plan.good.value,
            },
            reading,
            read.scatter,
          ),
        ]
      : [],
  );
  return { ...NO_RESULT, figures, standard: reading.standard };
}

/** A shaft behind its coupling. */
export function workRunout(plan: SheetPlan, read: Read): SheetResult {
  const reading = usualDoubt(read);
  if (!isComplete(read)) return { ...NO_RESULT, standard: reading.standard };
  const [near, far] = read.means.map((m) => m!.mean) as [number, number];
  const swing = (id: string, value: number) =>
    figureOf(
      { id, of: 'length', value, standard: Math.SQRT2 * reading.standard, good: plan.good.value },
      reading,
      read.scatter,
    );
  const tilt = f.runoutTilt.evaluate({
    near: length(near),
    far: length(far),
    way: length(plan.sizes.apart ?? 1),
  });
  const slope = figureOf(
    {
      id: 'tilt',
      of: 'slope',
      value: tilt,
      standard: reading.standard / (plan.sizes.apart ?? 1),
      good: null,
    },
    reading,
    read.scatter,
  );
  return {
    ...NO_RESULT,
    figures: [swing('near', near), swing('far', far), slope],
    standard: reading.standard,
  };
}
