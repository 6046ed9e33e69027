'use client';

import { type PracticeFault, practiceHints, type PracticeSaid, put } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import type { PracticeGround } from '@/standins';

const now = () => new Date().toISOString();

/** What a learner does besides reading; each one step of undo. */
export function usePractising({ practice }: PracticeGround) {
  const { editor } = useMachine();
  const change = (next: Partial<PracticeSaid>, label: string) =>
    editor.apply([put('practice', { ...practice, ...next })], label);
  const { named, hints } = practice;
  return {
    name: (fault: PracticeFault, axis: string) => {
      if (named.some((n) => n.fault === fault && n.axis === axis)) return 'That is named already.';
      return change(
        { named: [...named, { id: freshId(), fault, axis, at: now(), mended: false }] },
        'Fault named',
      );
    },
    unname: (id: string) => change({ named: named.filter((n) => n.id !== id) }, 'Fault no longer named'),
    mend: (id: string, mended: boolean) =>
      change({ named: named.map((n) => (n.id === id ? { ...n, mended } : n)) }, 'Part put right'),
    hint: () =>
      change({ hints: [...hints, { hint: practiceHints[hints.length]!, at: now() }] }, 'Hint taken'),
    end: () => change({ ended: now() }, 'Practice round ended'),
  };
}

export type Practising = ReturnType<typeof usePractising>;
