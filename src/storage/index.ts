export { Database, type StoredMachine } from './database';
export {
  type Loaded,
  MachineStorage,
  type MachineSummary,
  type Saved,
  type StorageProblem,
} from './machines';
export { askToKeep, type Space } from './space';
