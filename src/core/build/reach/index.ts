export { type Exit, exitsOf } from './exits';
export { type Fastener, type Reach, reachOf } from './reach';
export { type Move, type Pose, posed, type Solid } from './solid';
export { type Tool, type ToolKind, toolKinds, toolsFor } from './tools';
