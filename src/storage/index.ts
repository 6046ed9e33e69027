export { ContentStorage, hashesIn, hashOf } from './contents';
export { Database, type MachineHead, type Mark } from './database';
export {
  type Loaded,
  type MachineLog,
  MachineStorage,
  type Removed,
  type Restored,
  type Saved,
} from './machines';
export type { StorageProblem } from './problem';
export { askToKeep, type Space } from './space';
