export type { StructureRuleCode } from './rules';
export type { Structure } from './schema';
export { startingStructure } from './starting';
