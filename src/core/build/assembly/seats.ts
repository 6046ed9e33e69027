import type { Axis, Project } from '@/core/model';

/** Which part an axis's rails lie on, and on what a thing that its carriages carry stands. */
export interface Seat {
  readonly axis: Axis;
  /** Part under its rails, or under its carriages where the rails travel. */
  readonly on: string;
  /** Whether a plate lies on the carriages: a portal's columns stand on them without one. */
  readonly plated: boolean;
  /** The rails travel and the carriages stand. */
  readonly turned: boolean;
}

/** A part of an axis. */
export const partId = (axis: Pick<Axis, 'id'>, kind: string): string => `${axis.id}/${kind}`;

/** Who carries whom in this machine. @param turned axes whose rails travel. */
export function seatsOf({ axes, brief: { arrangement } }: Project, turned: ReadonlySet<string>): Seat[] {
  const gantry = axes.find((a) => a.role === 'gantry');
  const stands = arrangement === 'moving-table' || arrangement === 'fixed-gantry';
  const portal = !stands && arrangement !== 'cantilever';
  return axes.map((axis): Seat => {
    const common = { axis, turned: turned.has(axis.id) };
    switch (axis.role) {
      case 'plunge':
        return { ...common, on: gantry ? partId(gantry, 'plate') : 'beam', plated: true };
      case 'gantry':
        return { ...common, on: 'beam', plated: true };
      case 'bed':
        return { ...common, on: 'bed', plated: !portal };
      case 'table':
        return { ...common, on: 'bed', plated: true };
    }
  });
}

/** What columns and beam stand on. */
export function underColumns({ axes, brief: { arrangement } }: Project): string {
  const lengthwise = axes.find((a) => a.role === 'bed');
  if (!lengthwise || arrangement === 'moving-table' || arrangement === 'fixed-gantry') return 'bed';
  return partId(lengthwise, arrangement === 'cantilever' ? 'plate' : 'carriages');
}

/** What moves with the carriages of an axis: its plate, or the columns that stand on them. */
export const movedPart = ({ axis, plated }: Seat): string => (plated ? partId(axis, 'plate') : 'columns');
