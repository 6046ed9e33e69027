export { MachineField } from './machine-field';
export { MaterialChoice } from './material-choice';
export { OwnPartForm } from './own-part-form';
export { SectionFields } from './section-fields';
