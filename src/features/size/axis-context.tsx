'use client';

import { createContext, type ReactNode, useContext, useMemo } from 'react';
import { type AxisReport, toStored } from '@/core/machine';
import type { Axis } from '@/core/model';
import { type MachineEditor, useKnown, useMachine } from '@/features/frame';

/** Changes one axis; paths lead from inside it. */
export type AxisEditor = Omit<MachineEditor, 'write' | 'read'>;

/** The axis on the bench. */
export interface BenchAxis {
  readonly index: number;
  /** As it is stored, and as the machine loads it. */
  readonly stored: Axis;
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly editor: AxisEditor;
}

const AxisContext = createContext<BenchAxis | null>(null);

/**
 * The editor of the machine, for one axis: what was worked out on the loaded axis applies to the stored one.
 */
function axisEditor(machine: MachineEditor, index: number, stored: () => Axis | undefined): AxisEditor {
  const root = `axes.${index}.`;
  return {
    type: (path, text, visit) => machine.type(root + path, text, visit),
    setBasis: (path, basis) => machine.setBasis(root + path, basis),
    apply(edits, label, touched) {
      const axis = stored();
      if (!axis) return 'This axis is not there any more.';
      const rooted = toStored(edits, axis).map((e) => ({ ...e, path: root + e.path }));
      return machine.apply(rooted, label, touched === undefined ? undefined : root + touched);
    },
  };
}

export function AxisProvider({ index, children }: { index: number; children: ReactNode }) {
  const { session, project, editor: machine } = useMachine();
  const { loaded } = useKnown();
  const { loaded: axis, report } = loaded[index]!;
  const stored = project.axes[index]!;
  const editor = useMemo(
    () => axisEditor(machine, index, () => session.project?.axes[index]),
    [machine, session, index],
  );
  const bench = useMemo(
    () => ({ index, stored, axis, report, editor }),
    [index, stored, axis, report, editor],
  );
  return <AxisContext.Provider value={bench}>{children}</AxisContext.Provider>;
}

/** The axis on the bench. @throws Error outside it: a fault of ours. */
export function useAxis(): BenchAxis {
  const bench = useContext(AxisContext);
  if (!bench) throw new Error('a part of the bench stands outside it');
  return bench;
}
