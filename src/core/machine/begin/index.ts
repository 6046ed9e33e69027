export { beginMachine, followBrief, freshAxis, lettersOf, type NamesOf, untouched } from './follow-brief';
