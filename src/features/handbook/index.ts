export { HandbookList } from './handbook-list';
export { FormulaPage } from './formula-page';
export { PickedFormula } from './picked-formula';
export { GuidePage, PickedGuide } from './guide-page';
