import { drivetrainFormulas as f, meshOf } from '@/core/metrology';
import { quantity } from '@/core/units';
import { figureOf } from './figure';
import { CHAIN_SAG, MESH_PLAY } from './good';
import { isComplete, type Read, usualDoubt } from './readings';
import { NO_RESULT, type SheetMove, type SheetResult } from './result';
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
  // The near bearing is built in and stays, the far one goes to the rail; a bow in between stays too.
  const [up, side] = [plane(0), plane(3)].map(([near, , far]) => near! - far!) as [number, number];
  const bow = [plane(0), plane(3)].map(([near, middle, far]) => Math.abs(middle! - (near! + far!) / 2));
  return {
    ...NO_RESULT,
    figures,
    moves: [
      { kind: 'far-up', bolt: null, by: up },
      { kind: 'far-side', bolt: null, by: side },
    ],
    expected: Math.max(...bow),
    points,
    standard: reading.standard,
  };
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
  // A step between two readings: both are off.
  const joint =
    parts &&
    figureOf(
      { id: 'joint', of: 'length', value: parts.joint, standard: Math.SQRT2 * u, good: null },
      reading,
      0,
    );
  const off = f.pinionEccentric.evaluate({
    wave: length(tightest - middle),
    pressure: quantity('angle', plan.sizes.pressure ?? 0.35),
    helix: quantity('angle', plan.sizes.helix ?? 0),
  });
  return {
    ...NO_RESULT,
    figures: [window, ...(wave && rise && joint ? [wave, rise, joint] : [])],
    // Closer where there is too much play.
    moves: [{ kind: 'mesh', bolt: null, by: -off }],
    expected: 0,
    points,
    standard: u,
  };
}

/** The largest step from one place to the next, where line and wave are taken out: a joint of the rack. */
const stepOf = (left: readonly number[]): number =>
  Math.max(0, ...left.slice(1).map((h, i) => Math.abs(h - left[i]!)));

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
    return {
      wave: found.wave,
      rise: found.slope * (places.at(-1)!.x - places[0]!.x),
      joint: stepOf(found.left),
    };
  } catch {
    return undefined;
  }
}

/** Pull of a span by what was read, and how it grows with the reading. */
function pullOf({ sizes }: SheetPlan, method: string, read: number) {
  const { span = 1, mass = 1, weight = 1 } = sizes;
  if (method === 'weight') {
    const given = { push: quantity('force', weight), span: length(span), give: length(read) };
    const pull = f.beltPush.evaluate(given);
    return { pull, slope: pull / read };
  }
  const density = quantity('linearDensity', mass);
  const pull = f.beltTone.evaluate({ density, span: length(span), tone: quantity('frequency', read) });
  // The pull goes with the square of the tone.
  return { pull, slope: read > 0 ? (2 * pull) / read : 0 };
}

/** What a span sounds like, or gives under the weight, at the pull that is wanted. */
function wantedOf({ sizes }: SheetPlan, method: string): number {
  const { span = 1, mass = 1, weight = 1, pull = 1 } = sizes;
  if (method === 'weight') return (weight * span) / (4 * pull);
  const density = quantity('linearDensity', mass);
  return f.toneForPull.evaluate({ density, span: length(span), pull: quantity('force', pull) });
}

/** Belts by their tone or a weight: each beside the pull that the plan reckons with. */
export function workBelt(plan: SheetPlan, read: Read, method: string): SheetResult {
  const reading = usualDoubt(read);
  const wanted = wantedOf(plan, method);
  const kind = method === 'weight' ? 'hang' : 'tone';
  // A span that does not give under its weight was not read; one that does not sound is slack.
  const told = (value: number) => (method === 'weight' ? value > 0 : value >= 0);
  const known = read.means.map((m) => (m && told(m.mean) ? pullOf(plan, method, m.mean) : undefined));
  const figures = known.flatMap((found, i) => {
    if (!found) return [];
    const value = found.pull - (plan.sizes.pull ?? 0);
    const made = { id: `pull-${i + 1}`, of: 'force', value, good: plan.good.value } as const;
    return [figureOf({ ...made, standard: found.slope * reading.standard }, reading, read.scatter)];
  });
  return {
    ...NO_RESULT,
    figures,
    moves: known.flatMap((found, bolt): SheetMove[] => (found ? [{ kind, bolt, by: wanted }] : [])),
    expected: 0,
    standard: reading.standard,
  };
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
              value: m.mean - ((CHAIN_SAG.least + CHAIN_SAG.most) / 2) * span,
              standard: reading.standard,
              good: plan.good.value,
            },
            reading,
            read.scatter,
          ),
        ]
      : [],
  );
  const wanted = ((CHAIN_SAG.least + CHAIN_SAG.most) / 2) * span;
  return {
    ...NO_RESULT,
    figures,
    moves: read.means.flatMap((m, bolt): SheetMove[] => (m ? [{ kind: 'hang', bolt, by: wanted }] : [])),
    expected: 0,
    standard: reading.standard,
  };
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
    // The swing is twice what the shaft stands off.
    moves: [near, far].map((whole, bolt) => ({ kind: 'tap', bolt, by: whole / 2 })),
    expected: 0,
    standard: reading.standard,
  };
}
