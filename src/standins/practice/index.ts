export { hiddenFaults, possibleFaults } from './draw';
export { type HiddenFault, type PracticeGround, practiceGround } from './ground';
export { type FaultGroup, faultGroups, faultsMade, type PracticeFault, practiceFaults } from './faults';
export { canTry, practiceReading, practiceTrial } from './reading';
export { type FaultTold, hintedFault, type PracticeResult, practiceResult, wasSeen } from './score';
