export { MachinePicture } from './machine-picture';
export { PlainDrawing, restingPositions } from './plain-drawing';
