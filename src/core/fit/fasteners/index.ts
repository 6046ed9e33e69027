import * as fastenerFormulas from './formulas';

export { screwFor, type ScrewLength, type ScrewPlace, standardLengths } from './length';
export {
  boreDepth,
  type Clearance,
  clearances,
  nearTwins,
  type Thread,
  threadNamed,
  threads,
} from './threads';
export const fastener = { ...fastenerFormulas };
