import { type AnyCheck, type Finding, findingsOf, judge } from '@/core/checks';
import { type AnyFinding, gathered } from '@/core/machine';
import { byWeight } from '@/core/findings';
import { listChecks } from './checks-list';
import { sawingChecks } from './checks-sawing';
import { workChecks } from './checks-work';
import type { BuildContext } from './context';
import type { WorkContext } from './work';

const ofParts = [...listChecks, ...sawingChecks] as const;
type PartsCode = (typeof ofParts)[number]['code'];
type WorkCode = (typeof workChecks)[number]['code'];

export type BuildCode = PartsCode | WorkCode;
const codes = new Set<string>([...ofParts, ...workChecks].map((c) => c.code));
/** Whether a finding is one of the build: no change of the plan mends it. */
export const isBuildCode = (code: string): code is BuildCode => codes.has(code);

export type BuildFinding = Finding<BuildCode>;

/** Every check of list, money and cuts, in a fixed order. */
export const buildChecks: readonly AnyCheck<BuildContext, PartsCode>[] = ofParts;

/** What some checks find, the worst first; no change of the plan mends it. */
const found = <Context, Code extends BuildCode>(
  checks: readonly AnyCheck<Context, Code>[],
  context: Context,
): readonly Finding<Code>[] =>
  findingsOf(
    {
      checks,
      subject: context,
      outcomes: judge(checks, context),
      change: () => undefined,
      stored: (edits) => edits,
      root: '',
      axisId: null,
      most: 0,
    },
    false,
  );

/** What is found wrong with list, money and cuts, the worst first. */
export const buildFindings = (context: BuildContext): readonly BuildFinding[] => found(buildChecks, context);

/** What is found wrong with order, access and dates, the worst first. */
export const workFindings = (context: WorkContext): readonly BuildFinding[] =>
  found<WorkContext, WorkCode>(workChecks, context);

/** Where a finding of the build is told. */
export type BuildPlace = 'parts' | 'cutting' | 'assembly' | 'calendar';

const ofWork = new Set<string>(workChecks.map((c) => c.code));
const ofDates = new Set<BuildCode>(['step-missing', 'delivery-critical', 'work-undated', 'too-cold']);

/** Where a finding belongs: to the parts, the cuts, the assembly or the calendar. */
export function buildPlace(code: BuildCode): BuildPlace {
  if (code.startsWith('cut-')) return 'cutting';
  if (ofDates.has(code)) return 'calendar';
  return ofWork.has(code) ? 'assembly' : 'parts';
}

/** Findings of the plan and of the work in one list, the worst first. */
export const withBuild = <Other extends Pick<AnyFinding, 'verdict'>>(
  machine: readonly AnyFinding[],
  work: readonly Other[],
): readonly (AnyFinding | Other)[] =>
  [...gathered([machine]), ...work].sort((a, b) => byWeight(a.verdict, b.verdict));
