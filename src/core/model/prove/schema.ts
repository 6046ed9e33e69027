import { symptomsShape } from './symptoms';
import { trialsShape } from './trials';
import { truingShape } from './truing';

/**
 * What the slice owns in the document: how the machine was trued up, tried and proved, and what was
 * seen of its faults.
 */
export const proveShape = { ...truingShape, ...symptomsShape, ...trialsShape };
