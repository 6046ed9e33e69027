import { mountingLimit } from '@/core/guides';
import { railHolesOf } from '@/core/machine';
import type { Axis, Project } from '@/core/model';
import { atMostGood, goodLength } from './good';
import { methodsOf, type SheetPlace, type SheetPlan } from './sheet';

/** Stations along a rail are no further apart than so, m, and there are this many at least and at most. */
const APART = 0.24;
const LEAST = 5;
const MOST = 30;
/** Bolts of a rail whose holes the tables do not know, m apart. */
const USUAL_PITCH = 0.1;

/** Places stand at whole steps of so much, m, so that they can be marked with a tape. */
const MARKS = 0.01;

/** Places evenly along a length; what is left over of it at the far end is less than a mark for each. */
export function along(length: number, apart = APART): readonly SheetPlace[] {
  const n = Math.min(MOST, Math.max(LEAST, Math.ceil(length / apart) + 1));
  return evenly(length, n);
}

/** So many places evenly along a length, at marks where it is long enough for them. */
export function evenly(length: number, count: number): readonly SheetPlace[] {
  const even = length / (count - 1);
  const step = even > 2 * MARKS ? Math.floor(even / MARKS + 1e-9) * MARKS : even;
  return Array.from({ length: count }, (_, i) => ({ x: Number((step * i).toFixed(6)), y: 0 }));
}

/** Bolts of a rail: where its holes are, else at a usual pitch. */
export function boltsOf(axis: Axis, length: number): Pick<SheetPlan, 'bolts' | 'usualBolts'> {
  const holes = railHolesOf(axis);
  const { end, pitch, count } = holes ?? {
    end: 0,
    pitch: USUAL_PITCH,
    count: Math.max(2, Math.floor(length / USUAL_PITCH) + 1),
  };
  const bolts = Array.from({ length: count }, (_, i) => ({ x: end + i * pitch, y: 0 }));
  return { bolts, usualBolts: holes === null };
}

/** Length of an axis’s rails; its travel where nobody said it. */
export const railLength = (axis: Axis): number => axis.guide.railLength?.si ?? axis.demands.travel.si;

/** A wire sags, so it tells sides only; a level tells heights, and a gantry’s rails lie on their side. */
const fits = (method: string, key: string): boolean => {
  if (method === 'wire') return key === 'rail-a/side';
  return method !== 'level' || key === 'rail-a/height';
};

interface RailNames {
  /** Of the first and the other rail. */
  readonly first: string;
  readonly second: string;
}

/**
 * Both rails of an axis: the first straight in height, then sideways, the others by it.
 * A single rail has the first two only.
 */
export function railSheets(
  project: Project,
  axis: Axis,
  names: RailNames,
  level: string | null,
): SheetPlan[] {
  const length = railLength(axis);
  const own = { axis: axis.id, places: along(length), ...boltsOf(axis, length), sizes: { length } };
  const good = goodLength(project);
  const straight = (key: string, reference: string | null): SheetPlan => ({
    ...own,
    key,
    kind: 'straight',
    methods: methodsOf.straight.filter((m) => fits(m.id, key)),
    reference,
    good,
    cautions: ['shim-edge', 'wire'],
  });
  const first = [
    straight(`${names.first}/height`, level),
    straight(`${names.first}/side`, `${names.first}/height`),
  ];
  if (axis.guide.rails.si < 2) return first;
  const limit = mountingLimit(axis.guide);
  const span = axis.guide.spacing?.si ?? null;
  const height = limit && span !== null ? (limit.heightAt500 * span) / 0.5 : null;
  const parallel = (key: string, reference: string, most: number | null): SheetPlan => ({
    ...own,
    key,
    kind: 'parallel',
    // A distance between the rails says nothing of their heights.
    methods: methodsOf.parallel.filter((m) => m.id === 'bridge' || key.endsWith('/side')),
    reference,
    good: atMostGood(good, most, 'guide'),
    cautions: ['prop', 'shim-edge'],
    sizes: { length, ...(span === null ? {} : { span }) },
  });
  return [
    ...first,
    parallel(`${names.second}/height`, `${names.first}/height`, height),
    parallel(`${names.second}/side`, `${names.first}/side`, limit?.parallel ?? null),
  ];
}
