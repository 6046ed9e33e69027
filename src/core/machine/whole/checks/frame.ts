import { atLeast, atMost, comfort, NEVER_ENDS, unlessMissing } from '@/core/findings';
import { lessPlay, rounded, truerWay } from '../../axis';
import type { MachineContext } from '../context';
import { at, type Candidate, figureCheck, ofAxis, offer } from './check';

/** Changes to the frame that were solved; the engine tells which of them help the finding. */
const solved = ({ trials }: MachineContext): readonly Candidate[] => trials;

const sagSpread = figureCheck({
  code: 'sag-spread',
  judge: ({ project, frame }) => {
    const allowed = project.brief.accuracy?.si;
    if (!frame || allowed === undefined) return undefined;
    const { spread, most, at: place } = frame.sag;
    const found = atMost({
      code: 'sag-spread',
      path: 'structure.beam.section',
      kind: 'length',
      have: Math.max(0, spread),
      need: allowed,
      params: { most, at: place, missing: frame.missing.length },
    });
    return unlessMissing(found, frame.missing.length);
  },
  candidates: solved,
});

/** What makes the axis of a direction truer: its pitch, its heat, its play. */
function trueAxis({ project, errors }: MachineContext, way: string): Candidate[] {
  const index = project.axes.findIndex((a) => a.id === errors.find((e) => e.way === way)?.axisId);
  const axis = project.axes[index];
  return axis ? [...truerWay(axis), ...lessPlay(axis)].map((change) => ofAxis(project, index, change)) : [];
}

const accuracy = figureCheck({
  code: 'accuracy',
  judge: ({ project, errors }) => {
    const allowed = project.brief.accuracy?.si;
    if (allowed === undefined) return undefined;
    return errors.flatMap((e) => {
      if (!e.axisId) return [];
      const [biggest] = [...e.shares].sort((a, b) => (b.value ?? 0) - (a.value ?? 0));
      const found = atMost({
        code: 'accuracy',
        path: 'brief.accuracy',
        kind: 'length',
        have: e.likely,
        need: allowed,
        about: e.way,
        params: {
          way: e.way,
          worst: e.worst,
          missing: e.missing,
          bounds: e.bounds.length,
          first: e.bounds[0] ?? '',
          biggest: biggest!.id,
        },
      });
      return [unlessMissing(found, e.missing + e.bounds.length)];
    });
  },
  candidates: (context, found) => [...trueAxis(context, String(found.params.way)), ...solved(context)],
});

const frameRings = figureCheck({
  code: 'frame-rings',
  judge: ({ project, frame }) => {
    const i = project.axes.findIndex((a) => a.role === 'bed');
    const bed = project.axes[i];
    if (!frame || !bed) return undefined;
    const { hertz, way } = frame.frequency;
    return comfort(
      atLeast({
        code: 'frame-rings',
        path: `axes.${i}.demands.acceleration`,
        kind: 'time',
        have: bed.demands.rapid.si / bed.demands.acceleration.si,
        need: 1 / hertz,
        params: { hertz, way, axisIndex: i },
      }),
      NEVER_ENDS,
    );
  },
  candidates: ({ project }, found) => {
    const { acceleration } = project.axes[Number(found.params.axisIndex)]!.demands;
    const to = rounded(acceleration.si * (found.value / found.limit), 'down');
    return [offer('softer-ramp', [at(found.path, to)], { to })];
  },
});

/** Of a machine whose frame is not known nobody may say that it holds. */
const frameUnknown = figureCheck({
  code: 'frame-unknown',
  judge: ({ project, frame }) => {
    if (frame) return undefined;
    const planned = project.structure ? 1 : 0;
    const path = 'structure';
    const found = atLeast({
      code: 'frame-unknown',
      path,
      kind: 'count',
      have: 1,
      need: 1,
      params: { planned },
    });
    return unlessMissing(found, 1);
  },
});

/** Sag, accuracy and ringing of the frame, and whether it is known at all. */
export const frameChecks = [sagSpread, accuracy, frameRings, frameUnknown] as const;
