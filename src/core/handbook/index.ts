export { chapters, formulaById, formulas, searchFormulas } from './formulas';
export { type ExampleOf, handbookExamples } from './examples';
