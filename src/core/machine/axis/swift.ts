import { lazily } from '@/core/checks';
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

/** @param axis as the machine loads it. */
export function swiftAxis(axis: Axis): SwiftAxis {
  const analysis = analyse(axis, silentWorksheet);
  const subject = subjectOf(analysis, silentWorksheet);
  const lostMotion = lazily(() => lostMotionOf(analysis, subject.stiffness, silentWorksheet));
  const figures = lazily(() => [
    ...analysis.drive.figures(silentWorksheet),
    { id: 'supply-power', value: powerOf(analysis, silentWorksheet).drawn },
  ]);
  return {
    axisId: axis.id,
    subject,
    feed: analysis.rungs.reduce((least, { limit }) => Math.min(least, limit), Infinity),
    get figures() {
      return figures();
    },
    get stiffness() {
      return subject.stiffness;
    },
    get lostMotion() {
      return lostMotion();
    },
  };
}
