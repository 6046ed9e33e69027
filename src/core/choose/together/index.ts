export { type FoundSet, presentSet, setEdits, type SetLine } from './sets';
export {
  mayChange,
  type TogetherAnswer,
  type TogetherLimits,
  togetherSets,
  type TogetherStep,
} from './together';
