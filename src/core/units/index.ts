export { type Kind, kinds, type Quantity, quantity } from './kinds';
export { GRAVITY, kindWords, type Unit, units } from './table';
export { findUnit, kindsOfUnit } from './lookup';
export { readNumber } from './number-text';
export { type ParseError, type Parsed, parseQuantity } from './parse';
export { spelled } from './spelled';
export { explainParseError, type Range, rangeInWords, wantedText } from './explain';
export {
  bareUnit,
  displayUnit,
  formatIn,
  formatNumber,
  formatQuantity,
  type FormattedQuantity,
  hasOtherSystem,
  smallUnit,
  workedQuantity,
  type UnitSystem,
} from './format';
