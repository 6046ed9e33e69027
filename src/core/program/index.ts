export { programFaults, type ProgramFault } from './bounds';
export { type Dialect, dialectOf, type DialectSaid } from './dialects';
export type { Block, Program, ProgramAxis, ProgramPlace } from './program';
export { writeProgram } from './write';
export { type LineRun, type LineStep, lineSteps } from './requests';
