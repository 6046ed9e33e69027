import type { ReactNode } from 'react';
import { type Axis, type Project, startingProject } from '@/core/model';
import { AxisProvider } from '@/features/size/axis-context';
import type { Session } from '@/session';
import { openSession, renderOn } from './session';

/** A machine with these axes, each riding on the stand. */
export const machineOf = (...axes: readonly Axis[]): Project => ({
  ...startingProject('bench', '2026-11-26T00:00:00.000Z'),
  axes: axes.map((axis) => ({ ...axis, carriedBy: null })),
});

/** An axis on the bench, and its machine open. */
export async function openAxis(axis: Axis): Promise<Session> {
  return openSession(machineOf(axis));
}

/** Renders a part of the bench for an axis of an open machine. */
export const renderBench = (session: Session, view: ReactNode, index = 0) =>
  renderOn(session, <AxisProvider index={index}>{view}</AxisProvider>);
