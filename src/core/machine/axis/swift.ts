import type { Axis } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { analyse } from './analysis';
import { type AxisSubject, subjectOf } from './checks';
import { powerOf } from './duty';
import { lostMotionOf } from './train';

/** One axis among thousands that are only judged: what checks read of it, worked out when they do. */
export interface SwiftAxis {
  readonly axisId: string;
  readonly subject: AxisSubject;
  /** Highest feed under cut at which nothing gives out, m/s. */
  readonly feed: number;
  /** What errors and supplies read: figures of the drive, and the power that is drawn. */
  readonly figures: readonly { readonly id: string; readonly value: number }[];
  readonly stiffness: AxisSubject['stiffness'];
  readonly lostMotion: ReturnType<typeof lostMotionOf>;
}

class Swift implements SwiftAxis {
  readonly axisId: string;
  readonly feed: number;
  private play?: ReturnType<typeof lostMotionOf>;
  private shown?: SwiftAxis['figures'];
  constructor(readonly subject: AxisSubject) {
    const { axis, rungs } = subject.analysis;
    this.axisId = axis.id;
    this.feed = rungs.reduce((least, { limit }) => Math.min(least, limit), Infinity);
  }
  get figures() {
    const { analysis } = this.subject;
    return (this.shown ??= [
      ...analysis.drive.figures(silentWorksheet),
      { id: 'supply-power', value: powerOf(analysis, silentWorksheet).drawn },
    ]);
  }
  get stiffness() {
    return this.subject.stiffness;
  }
  get lostMotion() {
    const { analysis, stiffness } = this.subject;
    return (this.play ??= lostMotionOf(analysis, stiffness, silentWorksheet));
  }
}

/** @param axis as the machine loads it. */
export const swiftAxis = (axis: Axis): SwiftAxis =>
  new Swift(subjectOf(analyse(axis, silentWorksheet), silentWorksheet));
