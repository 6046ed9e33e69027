'use client';

import { useMemo } from 'react';
import { axisReport } from '@/core/machine';
import { type Axis, getAt, isMeasure } from '@/core/model';
import { useMachine } from '@/features/frame';
import { part } from '@/ui/part';
import { labelOf } from '@/words';

// Typesetting comes after the first paint: the verdict does not wait for it.
const WorkingDrawer = part(() => import('@/ui/working-drawer').then((m) => m.WorkingDrawer));

interface AxisWorkingProps {
  readonly axis: Axis;
  readonly trail: readonly string[];
  readonly onTrail: (trail: readonly string[]) => void;
}

/** The working of an axis; nothing while no line of it is asked for. */
export const AxisWorking = (props: AxisWorkingProps) => (props.trail.length ? <Lines {...props} /> : null);

/** The lines, made only while somebody looks at them; they follow every edit. */
function Lines({ axis, trail, onTrail }: AxisWorkingProps) {
  const { system } = useMachine();
  const lines = useMemo(() => axisReport(axis, { working: true }).working ?? [], [axis]);
  return (
    <WorkingDrawer
      lines={lines}
      trail={trail}
      system={system}
      onTrail={onTrail}
      source={(path) => {
        const value = getAt(axis, path);
        return {
          label: labelOf(path),
          ...(isMeasure(value) ? { typed: value.typed, basis: value.basis } : {}),
        };
      }}
    />
  );
}
