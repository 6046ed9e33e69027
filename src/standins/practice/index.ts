export { beginPractice, type PracticeBegun } from './begin';
export { hiddenFaults, possibleFaults } from './draw';
export { type FaultGroup, faultGroups, faultsMade } from './faults';
export { type HiddenFault, type PracticeGround, practiceGround } from './ground';
export { canTry, practiceReading, practiceTrial } from './reading';
export { type FaultTold, hintedFault, type PracticeResult, practiceResult, wasSeen } from './score';
