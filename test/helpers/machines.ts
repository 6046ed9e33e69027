import type { Edit, Project } from '@/core/model';
import { demoMachines } from '@/demo';

/** The demo machines: a router whose gantry moves, a plasma table, a cutter with an arm. */
export const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];

/** An edit of anything to anything: what the types would keep a test from. */
export const anyEdit = (path: string, value: unknown): Edit => ({ path, value: value as never });
