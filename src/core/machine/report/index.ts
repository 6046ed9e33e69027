export {
  allFindings,
  briefWorking,
  type MachineOptions,
  type MachineReport,
  machineReport,
  reportOf,
} from './report';
