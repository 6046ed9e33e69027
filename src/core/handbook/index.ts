export { chapters, formulaById, formulas, searchFormulas } from './formulas';
export { exampleOf } from './examples';
