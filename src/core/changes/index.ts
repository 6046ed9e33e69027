export { turned, withDifferences } from './apply';
export { alike, type Difference, differencesOf, type Value } from './differences';
export { type Conflict, type Merged, merged, settled } from './merge';
