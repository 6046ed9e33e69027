export { circleOf, type CircleFound, type Trace } from './circle';
export { leastSquaresCircle, ringZone, type RingZone } from './zone';
