import type { AxisRuleCode, CarryRuleCode } from './axes/rules';
import type { SectionRuleCode } from './bodies/rules';
import type { BriefRuleCode } from './brief/rules';
import type { StructureRuleCode } from './structure/rules';

/** Every rule between inputs, by its code. */
export type RuleCode =
  AxisRuleCode | CarryRuleCode | SectionRuleCode | BriefRuleCode | StructureRuleCode | 'id-twice';
