export { type BuildContext, buildContext, buildOf, listOf } from './context';
export {
  type BuildCode,
  buildChecks,
  type BuildFinding,
  buildFindings,
  type BuildPlace,
  buildPlace,
  isBuildCode,
  withBuild,
  workFindings,
} from './report';
export { paramsOf, sameSpec, specOf } from './spec';
export { type Stands, standsOf } from './stands';
export { type BuildReport, buildReport, type CutReport, type LineReport } from './summary';
export { type Clock, type WorkContext, workOf } from './work';
