export { type BuildContext, buildContext, buildOf, listOf } from './context';
export {
  type BuildCode,
  buildChecks,
  type BuildFinding,
  buildFindings,
  isBuildCode,
  withBuild,
} from './report';
export { paramsOf, sameSpec, specOf } from './spec';
export { type BuildReport, buildReport, type CutReport, type LineReport } from './summary';
