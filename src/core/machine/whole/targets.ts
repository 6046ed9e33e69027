import { type Axis, guess, type Measure, type Project, type Work } from '@/core/model';

/** Targets proposed for an axis from the kind of work, with the reason. */
export interface ProposedTarget {
  readonly path: 'demands.feed' | 'demands.rapid' | 'demands.acceleration' | 'demands.lostMotion';
  readonly value: Measure;
  readonly reason: string;
}

interface Usual {
  readonly feed: string;
  readonly rapid: string;
  readonly acceleration: string;
  readonly lostMotion: string;
  readonly why: string;
}

/** Common practice, no source: what machines of each kind are usually asked for. */
const usual: Record<Work, Usual> = {
  router: {
    feed: '4 m/min',
    rapid: '10 m/min',
    acceleration: '0.5 m/s²',
    lostMotion: '0.1 mm',
    why: 'router: a 6 mm cutter in plywood wants 3 to 5 m/min for a chip that cuts',
  },
  plasma: {
    feed: '5 m/min',
    rapid: '15 m/min',
    acceleration: '2 m/s²',
    lostMotion: '0.3 mm',
    why: 'plasma: thin sheet wants at least 2.5 m/min, and corners are held only by acceleration (v²/r)',
  },
  knife: {
    feed: '15 m/min',
    rapid: '30 m/min',
    acceleration: '3 m/s²',
    lostMotion: '0.2 mm',
    why: 'knife: little force, long paths; time goes into rapids',
  },
  foam: {
    feed: '6 m/min',
    rapid: '20 m/min',
    acceleration: '1.5 m/s²',
    lostMotion: '0.5 mm',
    why: 'foam: no force to speak of; the surface shows jerks, not size',
  },
  pen: {
    feed: '12 m/min',
    rapid: '30 m/min',
    acceleration: '3 m/s²',
    lostMotion: '0.1 mm',
    why: 'pen: lines show lost motion at once',
  },
  mixed: {
    feed: '4 m/min',
    rapid: '12 m/min',
    acceleration: '1 m/s²',
    lostMotion: '0.1 mm',
    why: 'mixed work: the stiffest of the jobs sets the accuracy, the lightest the speed',
  },
};

/**
 * The targets that the brief proposes for an axis; the plunge axis at a third of the speed, with the reason.
 */
export function proposedTargets({ brief }: Project, axis: Axis): ProposedTarget[] {
  const { feed, rapid, acceleration, lostMotion, why } = usual[brief.work];
  const upright = axis.role === 'plunge';
  const slower = (text: string) => {
    const whole = guess('speed', text);
    return guess('speed', `${Number(((whole.si * 60) / 3).toPrecision(2))} m/min`);
  };
  const reason = upright ? `${why}; a plunge axis lifts, and a third of the speed is enough` : why;
  const accuracy = brief.accuracy;
  return [
    { path: 'demands.feed', value: upright ? slower(feed) : guess('speed', feed), reason },
    { path: 'demands.rapid', value: upright ? slower(rapid) : guess('speed', rapid), reason },
    { path: 'demands.acceleration', value: guess('acceleration', acceleration), reason },
    // Half of what is allowed altogether may go at a reversal (common practice, no source).
    {
      path: 'demands.lostMotion',
      value: accuracy
        ? guess('length', `${Number((accuracy.si * 500).toPrecision(2))} mm`)
        : guess('length', lostMotion),
      reason: accuracy
        ? 'half of the accuracy of the brief may be lost at a reversal (common practice)'
        : why,
    },
  ];
}
