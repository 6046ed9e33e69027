'use client';

import type { BuildState, WorkState } from '@/features/frame';
import { Notice } from '@/ui/notice';

interface WaitingProps {
  readonly build: BuildState;
  readonly state: WorkState;
}

/** Said while order and dates are worked out, or why they are not. */
export function Waiting({ build, state }: WaitingProps) {
  const why = state.failed ?? build.failed;
  if (why) return <Notice kind="error">Order and dates could not be worked out: {why}</Notice>;
  return state.work ? null : <p role="status">Looking at every screw …</p>;
}
