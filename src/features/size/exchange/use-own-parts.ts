'use client';

import { useMemo } from 'react';
import { capsAt, type OwnPart, put } from '@/core/model';
import { useMachine } from '@/features/frame';

/** As many own parts as a machine keeps. */
export const MOST_OWN = capsAt('ownParts')!.max;

/** The builder's own parts of this machine, and setting them as a step that can be undone. */
export function useOwnParts() {
  const { project, editor } = useMachine();
  const own = project.ownParts;
  return useMemo(
    () => ({
      own,
      setOwn: (parts: OwnPart[], label: string) => editor.apply([put('ownParts', parts)], label),
    }),
    [own, editor],
  );
}
