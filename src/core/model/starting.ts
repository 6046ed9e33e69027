import { type AxisNames, startingAxis } from './axes/starting';
import { startingBrief } from './brief/starting';
import { startingBuild } from './build/starting';
import { FORMAT, type Project, VERSION } from './document';
import { startingPassing, startingShims } from './fit/starting';
import { startingProve } from './prove/starting';

/** What a new machine is called, and its first axis; words come from above. */
export interface MachineNames extends AxisNames {
  readonly machine: string;
}

const plain: MachineNames = { machine: 'machine', axis: 'bed', body: 'bed' };

/** A machine with one bed axis to start from. @param now ISO date and time. */
export function startingProject(id: string, now: string, names: MachineNames = plain): Project {
  return {
    format: FORMAT,
    version: VERSION,
    id,
    name: names.machine,
    note: '',
    units: 'metric',
    created: now,
    changed: now,
    brief: startingBrief(),
    axes: [startingAxis('bed', 'bed', names)],
    pins: [],
    structure: null,
    stand: [],
    shims: startingShims(),
    passing: startingPassing(),
    ownParts: [],
    ...startingBuild(),
    ...startingProve(),
    log: [],
    revisions: [],
    upgrades: [],
    files: [],
  };
}
