export { addedLines, type LineChange, lineEdits, removedLines, stateChange } from './edits';
export { isGot, isHere, type LineOrigin, linesOf, type ListLine, ownKey, rounded } from './lines';
export { type LineMoney, type MoneyReport, moneyOf, offerOf, type OptionPrice, sellerOf } from './money';
