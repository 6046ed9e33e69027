import { jobsShape } from './jobs';
import { practiceShape } from './practice';
import { symptomsShape } from './symptoms';
import { trialsShape } from './trials';
import { truingShape } from './truing';

/**
 * What the slice owns in the document: how the machine was trued up, tried and proved, which programs it
 * is to run, what was seen of its faults, and whether it is one to practise on.
 */
export const proveShape = {
  ...truingShape,
  ...symptomsShape,
  ...trialsShape,
  ...jobsShape,
  ...practiceShape,
};
