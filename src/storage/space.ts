/** What is in use and what may be, bytes; left out where the browser does not tell. */
export interface SpaceKept {
  readonly persistent: boolean;
  readonly usage?: number;
  readonly quota?: number;
}

/** How full the browser's storage is, and whether the browser promised to keep it. */
export interface Space {
  readonly persistent: boolean;
  /** Share of the quota in use, 0 to 1; undefined where the browser does not tell. */
  readonly used?: number;
}

/** What the browser tells of its storage, without asking it for anything. Never throws. */
export async function lookAtSpace(storage: StorageManager | undefined): Promise<SpaceKept> {
  try {
    const persistent = (await storage?.persisted?.()) ?? false;
    const { usage, quota } = (await storage?.estimate?.()) ?? {};
    return { persistent, ...(usage === undefined ? {} : { usage }), ...(quota ? { quota } : {}) };
  } catch {
    return { persistent: false };
  }
}

/** Asks the browser to keep the machines and not to clear them when space runs low. Never throws. */
export async function askToKeep(storage: StorageManager | undefined): Promise<Space> {
  try {
    const persistent = ((await storage?.persisted?.()) || (await storage?.persist?.())) ?? false;
    const estimate = await storage?.estimate?.();
    const used = estimate?.quota ? (estimate.usage ?? 0) / estimate.quota : undefined;
    return used === undefined ? { persistent } : { persistent, used };
  } catch {
    return { persistent: false };
  }
}
