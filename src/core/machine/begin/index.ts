export { beginMachine, followBrief, freshAxis, type NamesOf, untouched } from './follow-brief';
