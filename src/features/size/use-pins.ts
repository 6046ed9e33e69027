'use client';

import { useMemo } from 'react';
import type { EditValue } from '@/core/findings';
import type { Pin } from '@/core/model';
import { freshId, type Session } from '@/session';

/** Putting variants of an axis by, taking one back, dropping one. Each is a step that can be undone. */
export function usePins(session: Session, index: number) {
  return useMemo(() => {
    const put = (pins: readonly Pin[], label: string) =>
      session.edit([{ path: 'pins', value: pins as unknown as EditValue }], { label });
    return {
      pin(name: string) {
        const { project } = session;
        const axis = project?.axes[index];
        if (project && axis)
          put([...project.pins, { id: freshId(), axisId: axis.id, name, axis }], `Pinned: ${name}`);
      },
      // The axis keeps its id whatever the file says of the pin's.
      // The rules were kept when the variant was pinned, and the file's reader holds pins to them too.
      take: (pin: Pin) =>
        session.edit(
          [{ path: `axes.${index}`, value: { ...pin.axis, id: pin.axisId } as unknown as EditValue }],
          { label: `Put back: ${pin.name}` },
        ),
      drop: (pin: Pin) =>
        put(
          (session.project?.pins ?? []).filter((p) => p.id !== pin.id),
          `Dropped ${pin.name}`,
        ),
    };
  }, [session, index]);
}
