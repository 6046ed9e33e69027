export {
  depthInside,
  edgeFaults,
  floorFaults,
  hiddenHeads,
  type HoleFault,
  insideOutline,
  leastHole,
  type Making,
  makingFaults,
  type Polygon,
  wallFaults,
} from './checks';
export { type Face, type Footprint, mirroredHole, type PlateHole, servesMirrored, widthAtFace } from './hole';
export { evenly, jointToHole, type Pattern, patternPlaces, type Place, placedAt, railHoles } from './pattern';
