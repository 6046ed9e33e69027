export { loadedAxes, loadedAxis, loadsAlike, toStored } from './loaded-axis';
export { type KeptReport, type LoadedReport, loadedReports, placeOf, type ReportMemory } from './reports';
