export { AppFrame } from './app-frame';
export { downloadText } from './download';
export { MachineFrame, useOpenMachine } from './machine-frame';
export { useMachineReport } from './use-machine-report';
export { machineHref, type StationId, stationNames } from './stations';
