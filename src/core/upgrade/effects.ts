import { type MachineContext, ways } from '@/core/machine';
import type { UpgradeKind } from '@/core/model';

/** What an upgrade is for. */
export const effectIds = ['error', 'stiffness', 'sag', 'lost-motion', 'top-speed'] as const;
export type EffectId = (typeof effectIds)[number];

/** One figure of the machine that an upgrade may better. SI. */
export interface Effect {
  /** `error:x`, `lost-motion:bed`: the id, and the direction or the axis. */
  readonly key: string;
  readonly id: EffectId;
  /** Direction, or id of the axis; empty: the machine. */
  readonly at: string;
  readonly kind: UpgradeKind;
  readonly better: 'less' | 'more';
  readonly value: number;
  /** Causes or inputs of it that are not known: it is worse than this by what is missing. */
  readonly missing: number;
  /** What the builder asked for; null: nobody said. */
  readonly wanted: number | null;
}

const effect = (id: EffectId, at: string, more: Omit<Effect, 'key' | 'id' | 'at'>): Effect => ({
  key: `${id}:${at}`,
  id,
  at,
  ...more,
});

/** Every figure that is known. */
export function effectsOf({ errors, frame, reports, project }: MachineContext): readonly Effect[] {
  const accuracy = project.brief.accuracy?.si ?? null;
  const less = { kind: 'length', better: 'less' } as const;
  const found: Effect[] = errors
    .filter((e) => e.likely > 0 && e.axisId !== null)
    .map((e) => {
      const missing = e.missing + e.bounds.length;
      return effect('error', e.way, { ...less, value: e.likely, missing, wanted: e.allowed });
    });
  const loose = frame?.missing.length ?? 0;
  if (frame)
    for (const way of ways) {
      const value = 1 / frame.soft[way].compliance;
      found.push(
        effect('stiffness', way, { kind: 'stiffness', better: 'more', value, missing: loose, wanted: null }),
      );
    }
  if (frame && frame.sag.spread > 0)
    found.push(effect('sag', '', { ...less, value: frame.sag.spread, missing: loose, wanted: accuracy }));
  reports.forEach((report, i) => {
    const { id, demands } = project.axes[i]!;
    const { value, missing } = report.lostMotion;
    if (value > 0)
      found.push(
        effect('lost-motion', id, {
          ...less,
          value,
          missing: missing.length,
          wanted: demands.lostMotion?.si ?? null,
        }),
      );
    const limits = report.ladder.map((r) => r.limit).filter(Number.isFinite);
    if (limits.length)
      found.push(
        effect('top-speed', id, {
          kind: 'speed',
          better: 'more',
          value: Math.min(...limits),
          missing: 0,
          wanted: demands.rapid.si,
        }),
      );
  });
  return found;
}

/** How many times better: 1 is no change, 2 half the error or twice the stiffness. */
export const timesBetter = (better: Effect['better'], before: number, after: number): number =>
  better === 'less' ? before / after : after / before;

/**
 * Whether what was asked for is there; null: nothing was asked, or what is missing of it might change that. A
 * figure with something missing is better than the truth.
 */
export function isReached({ better, value, wanted, missing }: Effect): boolean | null {
  if (wanted === null) return null;
  const there = better === 'less' ? value <= wanted : value >= wanted;
  return there && missing > 0 ? null : there;
}
