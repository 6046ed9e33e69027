import type { AxisAnswer, Database } from './database';

/** A machine as a page shows it before it is worked out anew. */
export interface FirstAnswer {
  readonly name: string;
  /** Empty where the machine was changed since its axes were worked out, or never was. */
  readonly axes: readonly AxisAnswer[];
}

/**
 * Keeps what the axes came to beside the state that they were worked out from. Where that is not what is
 * stored now, for another tab was faster, nothing is kept.
 * @param stamp of that state.
 */
export const keepAnswer = (
  db: Database,
  machine: string,
  stamp: string,
  axes: readonly AxisAnswer[],
): Promise<void> =>
  db.transaction('rw', [db.machines, db.answers], async () => {
    const head = await db.machines.get(machine);
    if (head?.stamp === stamp) await db.answers.put({ machine, stamp, axes });
  });

/** What can be told of a machine at once. @returns undefined where there is no such machine. */
export const firstAnswer = (db: Database, machine: string): Promise<FirstAnswer | undefined> =>
  db.transaction('r', [db.machines, db.answers], async () => {
    const head = await db.machines.get(machine);
    const kept = await db.answers.get(machine);
    return head && { name: head.name, axes: kept?.stamp === head.stamp ? kept.axes : [] };
  });
