export { WholeMachine } from './whole-machine';
export { MachineFindings } from './findings';
