export * as sections from './formulas';
export {
  cornerRadii,
  innerOf,
  memberOf,
  type MemberProperties,
  type Properties,
  propertiesOf,
  type Strip,
} from './properties';
