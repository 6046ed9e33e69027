'use client';

import { useMemo } from 'react';
import { type Axis, capsAt, type Pin, put } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import type { Refused } from '@/ui/refusal';

const MOST = capsAt('pins')!.max;

/** Putting variants of an axis by, taking one back, dropping one. Each is a step that can be undone. */
export function usePins(index: number) {
  const { session, editor } = useMachine();
  return useMemo(() => {
    const set = (pins: Pin[], label: string) => editor.apply([put('pins', pins)], label);
    const now = () => session.project?.pins ?? [];
    const hold = (axisId: string, name: string, axis: Axis) =>
      set([...now(), { id: freshId(), axisId, name, axis }], `Put by: ${name}`);
    return {
      /** Holds another way to make this axis beside it. @param axis as it would be stored. */
      hold(name: string, axis: Axis): Refused {
        const stored = session.project?.axes[index];
        if (!stored) return 'This axis is not there any more.';
        if (now().length >= MOST) return `Read ${MOST} variants of axes; wanted fewer: drop one first.`;
        return hold(stored.id, name, { ...axis, id: stored.id });
      },
      pin(name: string): Refused {
        const axis = session.project?.axes[index];
        return axis && hold(axis.id, name, axis);
      },
      // The axis keeps its id and its place in the machine whatever was pinned: what it rode on may be gone.
      take(pin: Pin): Refused {
        const axis = session.project?.axes[index];
        if (!axis) return 'This axis is not there any more.';
        const back = { ...pin.axis, id: axis.id, carriedBy: axis.carriedBy };
        return editor.apply([put(`axes.${index}`, back)], `Put back: ${pin.name}`);
      },
      rename: (pin: Pin, name: string): Refused =>
        set(
          now().map((p) => (p.id === pin.id ? { ...p, name } : p)),
          `Variant: ${name}`,
        ),
      drop: (pin: Pin): Refused =>
        set(
          now().filter((p) => p.id !== pin.id),
          `Dropped ${pin.name}`,
        ),
    };
  }, [session, editor, index]);
}
