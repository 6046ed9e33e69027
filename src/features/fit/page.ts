import type { ReactNode } from 'react';
import type { AxisReport } from '@/core/machine';
import type { Axis } from '@/core/model';

/** What every view of an axis gets. */
export interface FitPage {
  /** The axis as the machine loads it, and its place in the machine. */
  readonly axis: Axis;
  readonly index: number;
  readonly report: AxisReport;
  readonly onWorking: (line: string) => void;
  /** The views to choose among, as they stand over the sheet. */
  readonly views: ReactNode;
}
