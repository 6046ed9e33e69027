import type { Guide } from '@/core/model';

/**
 * How far rails may be out before carriages bind; m. All from memory: rail makers' tables differ by a third.
 */
interface MountingLimit {
  readonly parallel: number;
  readonly heightAt500: number;
}

const µm = 1e-6;

/** Profile rails by size, light preload: parallelism 25 µm up to 20 mm, 30 µm at 25, 40 µm at 35. */
const profileParallel = (size: number) => (size <= 0.0205 ? 25 : size <= 0.0255 ? 30 : 40) * µm;

/**
 * Allowed errors of the seat of two rails. Clearance forgives twice as much and medium preload two thirds of
 * light; round rods on supports and wheels forgive far more (common practice, no source).
 */
export function mountingLimit({ kind, size, preload }: Guide): MountingLimit | undefined {
  const factor = preload === 'clearance' ? 2 : preload === 'medium' ? 2 / 3 : 1;
  switch (kind) {
    case 'profile':
      return size
        ? { parallel: profileParallel(size.si) * factor, heightAt500: 85 * µm * factor }
        : undefined;
    case 'miniature':
      return { parallel: 10 * µm * factor, heightAt500: 50 * µm * factor };
    case 'supported-round':
      return { parallel: 100 * µm, heightAt500: 300 * µm };
    case 'round-rod':
      return { parallel: 150 * µm, heightAt500: 500 * µm };
    case 'v-wheel':
    case 'tube-bearing':
      return { parallel: 300 * µm, heightAt500: 1000 * µm };
  }
}
