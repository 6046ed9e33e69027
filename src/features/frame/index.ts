export { AppFrame } from './app-frame';
export { downloadText } from './download';
export { MachineFrame, useOpenMachine } from './machine-frame';
export { machineHref, type StationId, stationNames } from './stations';
