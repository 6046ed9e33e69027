export { MachineField } from './machine-field';
export { MaterialChoice } from './material-choice';
export { SectionFields } from './section-fields';
