'use client';

import { useMemo } from 'react';
import { toStored } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import { type MachineEditor, useMachineEditor } from '@/features/frame';
import type { Session } from '@/session';
import { labelOf } from './labels';

/** Changes one axis; paths lead from inside it. */
export type AxisEditor = MachineEditor;

const nameOf = (path: string) => labelOf(path.replace(/^axes\.\d+\./, ''));

/**
 * The editor of the machine, for one axis: what was worked out on the axis as the machine loads it applies to
 * the stored one.
 */
export function useAxisEditor(session: Session, index: number, system: UnitSystem): AxisEditor {
  const machine = useMachineEditor(session, system, nameOf);
  return useMemo(() => {
    const at = (path: string) => `axes.${index}.${path}`;
    return {
      type: (path, text, visit) => machine.type(at(path), text, visit),
      setBasis: (path, basis) => machine.setBasis(at(path), basis),
      apply(edits, label, touched) {
        const stored = session.project?.axes[index];
        return (
          stored &&
          machine.apply(
            toStored(edits, stored).map((e) => ({ ...e, path: at(e.path) })),
            label,
            touched && at(touched),
          )
        );
      },
    };
  }, [session, index, machine]);
}
