export { loadedAxes, loadedAxis, loadsAlike, toStored } from './loaded-axis';
export { originsOf, oursOfCuts } from './origins';
export {
  amongAxes,
  type KeptReport,
  type LoadedReport,
  loadedReports,
  placeOf,
  type ReportMemory,
} from './reports';
