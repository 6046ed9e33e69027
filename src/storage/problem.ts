/** Why something was not stored. `no-space`: the browser's quota is used up. */
export interface StorageProblem {
  readonly code: 'no-space' | 'unavailable';
  readonly cause: string;
}

interface Named {
  readonly name?: string;
  readonly message?: string;
  readonly inner?: { readonly name?: string };
}

const isNamed = (cause: unknown): cause is Named => typeof cause === 'object' && cause !== null;

/** A failure of the browser's database, as data. */
export function problemOf(cause: unknown): StorageProblem {
  if (!isNamed(cause)) return { code: 'unavailable', cause: String(cause) };
  const quota = cause.name === 'QuotaExceededError' || cause.inner?.name === 'QuotaExceededError';
  return { code: quota ? 'no-space' : 'unavailable', cause: cause.message ?? String(cause) };
}
