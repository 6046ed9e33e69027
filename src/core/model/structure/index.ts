export type { StructureRuleCode } from './rules';
export type { Structure } from './schema';
export { startingCrossbar, startingStructure } from './starting';
