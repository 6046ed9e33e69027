export { type FirstAnswer, firstAnswer, keepAnswer } from './answers';
export { ContentStorage, hashesIn, hashOf } from './contents';
export { type AxisAnswer, Database, type MachineHead, type Mark } from './database';
export {
  type Loaded,
  type MachineLog,
  MachineStorage,
  type Removed,
  type Restored,
  type Saved,
} from './machines';
export { type AtHome, Outside } from './outside';
export type { StorageProblem } from './problem';
export { askToKeep, lookAtSpace, type Space, type SpaceKept } from './space';
