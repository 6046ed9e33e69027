import { computable, MAX_FILE_BYTES, readProjectFile } from '@/core/formats';
import { buildContext, buildReport, steadyZone, wallOf, workOf } from '@/core/build';
import { allJobsFound } from '@/core/job';
import { machineReport } from '@/core/machine';
import { proveSummary } from '@/core/prove';
import { refusal } from '../body';
import { guarded } from '../guard';

/**
 * POST a machine as JSON, get its report with what is got, sawn and trued, and its jobs; `?working=1` adds
 * every formula, `?today=2026-11-27` says which day it is. 413 above 5 MB, 422 with issues.
 */
export const POST = (request: Request): Promise<Response> =>
  guarded(request, MAX_FILE_BYTES, (text) => reportOf(request, text));

function reportOf(request: Request, text: string): Response {
  const opened = computable(readProjectFile(text));
  if (!opened.ok) return refusal(opened.issues, 422);
  const asked = new URL(request.url).searchParams;
  const said = asked.get('today') ?? '';
  const today = /^\d{4}-\d{2}-\d{2}$/.test(said) ? said : new Date().toISOString().slice(0, 10);
  const { project, contents } = opened;
  const report = machineReport(project, { working: asked.get('working') === '1', flex: true });
  const context = buildContext(project, report.axes, today);
  // A service stands in nobody's zone: the day begins at midnight, and no clocks are changed.
  const work = workOf(context, { now: wallOf(today), zone: steadyZone });
  const build = buildReport(context, work);
  const jobs = allJobsFound(project, contents);
  return Response.json({ ...report, build, prove: proveSummary(project), jobs });
}
