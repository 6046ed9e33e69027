export { type Body, bodies, body, type Shape, shape } from './body';
export {
  type MaterialId,
  material,
  materialIds,
  type Section,
  section,
  type SectionKind,
  sectionKinds,
  tubeMakings,
} from './section';
export { startingBody, startingSection, startingShape } from './starting';
export { sectionFault, sectionRules, type SectionRuleCode } from './rules';
