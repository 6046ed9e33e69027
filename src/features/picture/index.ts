export { MachinePicture } from './machine-picture';
export { PlainDrawing } from './plain-drawing';
export { SaveDrawing } from './save-drawing';
