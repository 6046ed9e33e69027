import { vi } from 'vitest';

/** Waits until a claim holds: it ends when it does, and a busy machine has all the time it needs. */
export const shows = (claim: () => void): Promise<void> =>
  vi.waitFor(claim, { timeout: 20_000, interval: 5 });
