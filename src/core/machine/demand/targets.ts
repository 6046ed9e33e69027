import { type Axis, guess, type Measure, type Project, type Work } from '@/core/model';

/** Why a target is proposed; words are made where it is shown. */
export interface TargetReason {
  readonly work: Work;
  /** A plunge axis lifts, and a part of the speed is enough. */
  readonly upright: boolean;
  /** Out of the accuracy of the brief instead of the kind of work. */
  readonly fromAccuracy: boolean;
}

/** A target proposed for an axis from the kind of work, with the reason. */
export interface ProposedTarget {
  readonly path: 'demands.feed' | 'demands.rapid' | 'demands.acceleration' | 'demands.lostMotion';
  readonly value: Measure;
  readonly reason: TargetReason;
}

type Usual = readonly [feed: string, rapid: string, acceleration: string, lostMotion: string];

/** What machines of each kind are usually asked for. Common practice, no source. */
const usual: Record<Work, Usual> = {
  router: ['4 m/min', '10 m/min', '0.5 m/s²', '0.1 mm'],
  plasma: ['5 m/min', '15 m/min', '2 m/s²', '0.3 mm'],
  knife: ['15 m/min', '30 m/min', '3 m/s²', '0.2 mm'],
  foam: ['6 m/min', '20 m/min', '1.5 m/s²', '0.5 mm'],
  pen: ['12 m/min', '30 m/min', '3 m/s²', '0.1 mm'],
  mixed: ['4 m/min', '12 m/min', '1 m/s²', '0.1 mm'],
};

/** Speed of a plunge axis over that of the others; common practice, no source. */
const UPRIGHT_SHARE = 1 / 3;
/** Of what is allowed altogether, so much may be lost at a reversal; common practice, no source. */
const REVERSAL_SHARE = 0.5;

const twoDigits = (value: number) => Number(value.toPrecision(2));

/** The targets that the brief proposes for an axis. */
export function proposedTargets({ brief }: Pick<Project, 'brief'>, axis: Axis): ProposedTarget[] {
  const [feed, rapid, acceleration, lostMotion] = usual[brief.work];
  const upright = axis.role === 'plunge';
  const speed = (typed: string): Measure => {
    const whole = guess('speed', typed);
    return upright ? guess('speed', `${twoDigits(whole.si * 60 * UPRIGHT_SHARE)} m/min`) : whole;
  };
  const reason: TargetReason = { work: brief.work, upright, fromAccuracy: false };
  const allowed = brief.accuracy?.si;
  const lost = allowed === undefined ? lostMotion : `${twoDigits(allowed * 1000 * REVERSAL_SHARE)} mm`;
  return [
    { path: 'demands.feed', value: speed(feed), reason },
    { path: 'demands.rapid', value: speed(rapid), reason },
    { path: 'demands.acceleration', value: guess('acceleration', acceleration), reason },
    {
      path: 'demands.lostMotion',
      value: guess('length', lost),
      reason: { ...reason, upright: false, fromAccuracy: allowed !== undefined },
    },
  ];
}
