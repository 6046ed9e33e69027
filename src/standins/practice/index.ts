export { type HiddenFault, hiddenFaults, possibleFaults, type PracticeGround, practiceGround } from './draw';
export { type FaultGroup, faultGroups, faultsMade, type PracticeFault, practiceFaults } from './faults';
export { canTry, practiceReading, practiceTrial } from './reading';
export { type FaultTold, hintedFault, type PracticeResult, practiceResult, wasSeen } from './score';
