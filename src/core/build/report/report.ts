import { type AnyCheck, type Finding, findingsOf, judge } from '@/core/checks';
import { type AnyFinding, gathered } from '@/core/machine';
import { byWeight } from '@/core/findings';
import { listChecks } from './checks-list';
import { sawingChecks } from './checks-sawing';
import type { BuildContext } from './context';

const all = [...listChecks, ...sawingChecks] as const;

export type BuildCode = (typeof all)[number]['code'];
const codes = new Set<string>(all.map((c) => c.code));
/** Whether a finding is one of the build: no change of the plan mends it. */
export const isBuildCode = (code: string): code is BuildCode => codes.has(code);

export type BuildFinding = Finding<BuildCode>;

/** Every check of the build, in a fixed order. */
export const buildChecks: readonly AnyCheck<BuildContext, BuildCode>[] = all;

/** What is found wrong with list, money and cuts, the worst first. */
export const buildFindings = (context: BuildContext): readonly BuildFinding[] =>
  findingsOf(
    {
      checks: buildChecks,
      subject: context,
      outcomes: judge(buildChecks, context),
      change: () => undefined,
      stored: (edits) => edits,
      root: '',
      axisId: null,
      most: 0,
    },
    false,
  );

/** Findings of plan and build in one list, the worst first. */
export const withBuild = (
  machine: readonly AnyFinding[],
  build: readonly BuildFinding[],
): readonly (AnyFinding | BuildFinding)[] =>
  [...gathered([machine]), ...build].sort((a, b) => byWeight(a.verdict, b.verdict));
