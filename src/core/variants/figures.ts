import type { Verdict } from '@/core/findings';
import { type CostReport, type Effect, effectsOf, footprint, machineReport, summaryOf } from '@/core/machine';
import type { Project } from '@/core/model';

/** What a check says of a variant. */
export interface VariantFinding {
  readonly code: string;
  /** Null: of the machine as a whole. */
  readonly axisId: string | null;
  readonly verdict: Verdict;
}

/** What one variant of a machine comes to, its frame solved. Plain data, SI. */
export interface VariantFigures {
  readonly verdict: Verdict;
  /** How many numbers of ours it rests on. */
  readonly ours: number;
  readonly findings: readonly VariantFinding[];
  /** Speed, errors, stiffness, sag, lost motion, as far as they are known. */
  readonly effects: readonly Effect[];
  /** Mass of all that moves, and of all that stands, kg. */
  readonly moving: number;
  readonly standing: number;
  /** Floor that it takes, m; null: not known. */
  readonly length: number | null;
  readonly width: number | null;
  /** Example prices of the parts that are picked, and how many links have none. */
  readonly money: Pick<CostReport, 'known' | 'off' | 'parts'> & { readonly unpicked: number };
}

/** Works out a variant: some tenths of a second, most of it for the frame. */
export function variantFigures(project: Project): VariantFigures {
  const report = machineReport(project, { flex: 'figures', remedies: false });
  const { axes, errors, masses, cost } = report;
  const frame = report.flex && summaryOf(report.flex);
  const size = footprint(project);
  return {
    verdict: report.verdict,
    ours: report.ours.length,
    findings: [
      ...axes.flatMap((a) =>
        a.findings.map(({ code, verdict }) => ({ code, verdict, axisId: a.axisId as string | null })),
      ),
      ...report.findings.map(({ code, verdict }) => ({ code, verdict, axisId: null })),
    ],
    effects: effectsOf({ project, errors, frame, reports: axes }),
    moving: masses.moving,
    standing: masses.standing,
    length: size.length,
    width: size.width,
    money: { known: cost.known, off: cost.off, parts: cost.parts, unpicked: cost.unpicked.length },
  };
}
