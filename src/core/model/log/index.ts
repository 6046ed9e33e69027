export {
  type ChoiceCode,
  choiceCodes,
  type LogChoice,
  type LogEntry,
  type LogKind,
  logKinds,
  readLog,
} from './schema';
export { MOST_PACKED, type Revision, variantsOf } from './revisions';
export {
  type Upgrade,
  type UpgradeKind,
  upgradeKinds,
  type UpgradeMeasure,
  type UpgradeReading,
  type UpgradeState,
  upgradeStates,
} from './upgrades';
export { startingEntry } from './starting';
