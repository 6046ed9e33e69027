import { atLeast, atMost, comfort, exactly, NEVER_ENDS, unlessMissing } from '@/core/findings';
import { offer, rounded, set } from '../candidates';
import { poweredCheck } from './subject';

const homeFast = poweredCheck({
  code: 'home-fast',
  judge: ({ analysis: { axis }, ends }) => {
    const { at, speed } = axis.fit.homing;
    const limit = at === 'none' ? null : ends.ends[at].homeLimit;
    if (!speed || limit === null) return undefined;
    const found = exactly(
      atLeast({
        code: 'home-fast',
        path: 'fit.homing.speed',
        kind: 'speed',
        have: limit,
        need: speed.si,
        line: `ends.${at}.homing`,
      }),
    );
    return unlessMissing(found, axis.fit.reaction ? 0 : 1);
  },
  candidates: (_, found) => {
    const to = rounded(found.value, 'down');
    return to > 0 ? [offer('home-slower', [set('fit.homing.speed', to)], { to })] : [];
  },
});

/** Spread of a home position that is hardly felt, m; common practice, no source. */
const FINE_HOME = 5e-6;

const homeSpread = poweredCheck({
  code: 'home-spread',
  judge: ({ ends }) =>
    ends.homeSpread === null
      ? undefined
      : comfort(
          atMost({
            code: 'home-spread',
            path: 'fit.homing.again',
            kind: 'length',
            have: ends.homeSpread,
            need: FINE_HOME,
            line: 'ends.home-spread',
          }),
          NEVER_ENDS,
        ),
  candidates: ({ analysis: { axis } }, found) => {
    const { again } = axis.fit.homing;
    const to = again ? rounded((again.si * found.limit) / found.value, 'down') : 0;
    return to > 0 ? [offer('home-again', [set('fit.homing.again', to)], { to })] : [];
  },
});

/** Two motors that find their zero by one switch keep whatever skew they woke up with. */
const homeSkew = poweredCheck({
  code: 'home-skew',
  judge: ({ analysis: { axis }, ends }) => {
    const { motors, skew: allowed } = axis.fit.homing;
    if (!ends.begun || ends.skew === null || motors === 'each') return undefined;
    const found = atMost({
      code: 'home-skew',
      path: 'fit.homing.skew',
      kind: 'length',
      have: ends.skew,
      need: allowed?.si ?? ends.skew,
      line: 'ends.skew',
      params: { said: allowed ? 1 : 0 },
    });
    return allowed ? exactly(found) : { ...found, verdict: 'not-known' };
  },
  candidates: () => [offer('home-each', [{ path: 'fit.homing.motors', value: 'each' }])],
});

/**
 * Backed off its switch by less than twice its spread, the axis may stand on it still; by less than the
 * margin,
 * it stands outside of its own soft limits, and many controllers refuse the next move.
 */
const homePullOff = poweredCheck({
  code: 'home-pull-off',
  judge: ({ analysis: { axis } }) => {
    const { homing, ends, scatter } = axis.fit;
    const { at, pullOff } = homing;
    if (at === 'none' || !pullOff) return undefined;
    const clear = 2 * (scatter?.si ?? 0);
    const margin = ends[at].margin?.si ?? 0;
    const found = atLeast({
      code: 'home-pull-off',
      path: 'fit.homing.pullOff',
      kind: 'length',
      have: pullOff.si,
      need: Math.max(clear, margin),
      params: { clear, margin },
    });
    // What is not said makes it wanted to be longer still.
    const missing = [scatter, ends[at].margin].filter((m) => m === null).length;
    return unlessMissing(exactly(found, pullOff.si < clear ? 'gives-out' : 'thin'), missing);
  },
  candidates: (_, found) => {
    const to = Math.ceil(found.limit * 2000 - 1e-6) / 2000;
    return [offer('pull-off', [set('fit.homing.pullOff', to)], { to })];
  },
});

/** How the axis finds its zero. */
export const homingChecks = [homeFast, homeSpread, homeSkew, homePullOff] as const;
