export { type BuildContext, buildContext, listOf } from './context';
export { type BuildCode, buildChecks, type BuildFinding, buildFindings, withBuild } from './report';
export { paramsOf, sameSpec, specOf } from './spec';
