export { type AxisRemedyCode, axisRemedyCodes } from './codes';
export { ample, askLess, type Candidate, measured, offer, rounded, same, set, softer, steps } from './edits';
export { otherDrives } from './exchange';
export {
  betterSeat,
  biggerCarriage,
  gripping,
  longerSpan,
  railReaches,
  rodSizes,
  stifferRods,
} from './guide';
export { bothSides, lessPlay, strongerTeeth, widerBelt } from './line';
export { brake, gearing, moreDrive, moreTorque, rated, ratedSetting } from './motor';
export { ballScrews, higherRating, moreNut } from './nut';
export { truerWay } from './pitch';
export { betterments } from './betterments';
export { otherWinding, rewound, type Turns } from './winding';
export { againstWhip, fixings, leads, screws } from './screw';
