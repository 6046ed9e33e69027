export { type Elsewhere, elsewhere } from './elsewhere';
export {
  allFindings,
  briefWorking,
  type MachineOptions,
  type MachineReport,
  machineReport,
  reportOf,
} from './report';
