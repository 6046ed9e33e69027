export { type BuildContext, buildContext, buildOf, listOf } from './context';
export { type BuildCode, buildChecks, type BuildFinding, buildFindings, withBuild } from './report';
export { paramsOf, sameSpec, specOf } from './spec';
