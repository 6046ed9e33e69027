import type { Axis } from '@/core/model';
import type { Candidate } from './edits';
import { bothSides, lessPlay, strongerTeeth } from './line';
import { truerWay } from './pitch';
import { fixings } from './screw';

/** Changes that make an axis more exact, stiffer or quicker, whether anything is wrong with it or not. */
export const betterments = (axis: Axis): readonly Candidate[] => [
  ...lessPlay(axis),
  ...truerWay(axis),
  ...fixings(axis),
  ...bothSides(axis),
  ...strongerTeeth(axis),
];
