import type { Change } from '@/core/choose';
import { type Effect, type EffectSources, effectsOf } from '@/core/machine';
import { timesBetter } from './effects';

/** One figure of the whole machine in two plans; null: that plan has no such figure. SI. */
export interface ComparedEffect extends Pick<Effect, 'key' | 'id' | 'at' | 'kind'> {
  readonly before: number | null;
  readonly after: number | null;
  readonly change: Change;
  /** Something of it is not known in one of the plans: it is worse than told there. */
  readonly missing: boolean;
}

/** Less than half a per cent is no change that a builder would feel. */
const SAME = 1.005;

function changeOf(before: Effect | undefined, after: Effect | undefined): Change {
  if (!before || !after) return 'other';
  const times = timesBetter(before.better, before.value, after.value);
  if (times > SAME) return 'better';
  return times < 1 / SAME ? 'worse' : 'same';
}

/** Two plans of a machine, figure by figure, as the newer has them; what only the older has comes last. */
export function comparedEffects(before: EffectSources, after: EffectSources): readonly ComparedEffect[] {
  const [was, is] = [effectsOf(before), effectsOf(after)];
  const old = new Map(was.map((e) => [e.key, e]));
  const newer = new Set(is.map((e) => e.key));
  return [...is, ...was.filter((e) => !newer.has(e.key))].map((one) => {
    const [then, now] = [old.get(one.key), is.find((e) => e.key === one.key)];
    return {
      key: one.key,
      id: one.id,
      at: one.at,
      kind: one.kind,
      before: then?.value ?? null,
      after: now?.value ?? null,
      change: changeOf(then, now),
      missing: Boolean(then?.missing) || Boolean(now?.missing),
    };
  });
}
