export {
  type Citation,
  defineFormula,
  evaluateWith,
  type Formula,
  type InputsOf,
  type SymbolOf,
  type SymbolTable,
} from './formula';
export { type Line, recordingWorksheet, silentWorksheet, type Sources, type Worksheet } from './worksheet';
export { namesIn, texOf, texQuantity, texWithNumbers } from './tex';
