export * as tramFormulas from './formulas';
export {
  flangeShims,
  type Lean,
  type Mount,
  type MountBolt,
  plateMoves,
  type PlateMoves,
  swingLeft,
} from './shims';
