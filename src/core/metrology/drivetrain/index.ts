export * as drivetrainFormulas from './formulas';
export { type MeshFound, meshOf, type PlayAt } from './mesh';
