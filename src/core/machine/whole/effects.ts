import type { UpgradeKind } from '@/core/model';
import type { AxisReport } from '../axis';
import { ways } from '../frame';
import type { MachineContext } from './context';

/** Figures of a machine as a whole that a builder wants better. */
export const effectIds = ['error', 'stiffness', 'sag', 'lost-motion', 'top-speed'] as const;
export type EffectId = (typeof effectIds)[number];

/** One such figure. SI. */
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

/** What the figures are read of. */
export interface EffectSources extends Pick<MachineContext, 'project' | 'errors' | 'frame'> {
  /** Of the axes, in their order. */
  readonly reports: readonly {
    readonly lostMotion: Pick<AxisReport['lostMotion'], 'value' | 'missing'>;
    /** Its rungs: speeds at which something gives out, m/s. */
    readonly ladder: readonly { readonly limit: number }[];
  }[];
}

/** Every figure that is known. */
export function effectsOf({ errors, frame, reports, project }: EffectSources): readonly Effect[] {
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
