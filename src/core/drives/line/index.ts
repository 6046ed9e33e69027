export { forceOnStrand, joinLinks, placeOnLine } from './belt-like';
export { givenSpeed, givenStiffness, lineInertia, linePlay, pullOnShaft, sharedStiffness, shaftTorsion, strandForce, turningStiffness } from './formulas';
