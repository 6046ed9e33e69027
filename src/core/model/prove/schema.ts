import { symptomsShape } from './symptoms';
import { truingShape } from './truing';

/** What the slice owns in the document: how the machine was trued up, and what was seen of its faults. */
export const proveShape = { ...truingShape, ...symptomsShape };
