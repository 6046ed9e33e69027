import { atLeast, comfort, exactly, NEVER_ENDS } from '@/core/findings';
import { fit } from '@/core/fit';
import { rampTime, topSpeed } from '@/core/motion';
import { quantity } from '@/core/units';
import { THIN_MARGIN } from '@/core/findings';
import { askLess, offer, railReaches, set, softer } from '../candidates';
import { frequencyOf } from '../train';
import { axisCheck, poweredCheck } from './subject';

/** Whether the rail is long enough for the travel. */
export const railShort = axisCheck({
  code: 'rail-short',
  judge: ({ analysis: { axis }, sheet }) => {
    const { guide, demands } = axis;
    if (!guide.railLength || !guide.carriageSpan) return undefined;
    const { carriageSpan: span, overhang } = guide;
    const reach = sheet.apply(
      fit.railReach,
      { rail: guide.railLength.si, span: span.si, overhang: overhang.si },
      'rail-reach',
      { rail: 'guide.railLength', span: 'guide.carriageSpan', overhang: 'guide.overhang' },
    );
    return exactly(
      atLeast({
        code: 'rail-short',
        path: 'guide.railLength',
        kind: 'length',
        have: reach,
        need: demands.travel.si,
        line: 'rail-reach',
        params: { span: span.si, overhang: overhang.si },
      }),
    );
  },
  candidates: ({ analysis: { axis } }, found) => {
    const need = axis.demands.travel.si + Number(found.params.span) - 2 * Number(found.params.overhang);
    return railReaches(axis, need, found.value);
  },
});

const neverReached = poweredCheck({
  code: 'never-reached',
  judge: ({ analysis: { axis }, sheet }) => {
    const { travel, acceleration, jerk, rapid } = axis.demands;
    const top = sheet.apply(
      topSpeed,
      { travel: travel.si, acceleration: acceleration.si, jerk: jerk?.si ?? quantity('jerk', Infinity) },
      'top-speed',
      {
        travel: 'demands.travel',
        acceleration: 'demands.acceleration',
        jerk: jerk ? 'demands.jerk' : undefined,
      },
    );
    return comfort(
      atLeast({
        code: 'never-reached',
        path: 'demands.acceleration',
        kind: 'speed',
        have: top,
        need: rapid.si,
        line: 'top-speed',
      }),
      NEVER_ENDS,
    );
  },
  candidates: ({ analysis: { axis } }, found) => {
    const to = axis.demands.acceleration.si * 2;
    return [
      offer('acceleration', [set('demands.acceleration', to)], { to }),
      // What is reached carries no allowance that the wish would have to keep.
      ...askLess('demands.rapid', found.value * THIN_MARGIN, axis),
    ];
  },
});

const rampRings = poweredCheck({
  code: 'ramp-rings',
  judge: (subject) => {
    const { analysis, sheet } = subject;
    const { demands } = analysis.axis;
    const frequency = frequencyOf(analysis, subject.stiffness, sheet);
    const shortest = sheet.apply(rampTime, { frequency }, 'ramp-time', { frequency: '#natural-frequency' });
    return comfort(
      atLeast({
        code: 'ramp-rings',
        path: 'demands.acceleration',
        kind: 'time',
        have: demands.rapid.si / demands.acceleration.si,
        need: shortest,
        line: 'ramp-time',
        params: { frequency },
      }),
      NEVER_ENDS,
    );
  },
  candidates: ({ analysis: { axis } }) => softer(axis),
});

/** Ramps against ringing: what doubt about figures can turn; travel and rails are chosen. */
export const rampChecks = [rampRings] as const;

/** Checks of ramps: what a motor is asked for. */
export const moveChecks = [neverReached, rampRings] as const;
