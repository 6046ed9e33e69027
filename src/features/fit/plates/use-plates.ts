'use client';

import { dowelGroup, type PlateReport, proposedPlates, type PlateSeed, startingGroup } from '@/core/machine';
import { type Axis, type Joins, MOST_NAME, type Plain, type PlateInput } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import type { Refused } from '@/ui/refusal';
import { groupNames, plateKindNames } from '@/words';

/** Everything that changes the plates of an axis. */
export interface PlateEdits {
  readonly proposals: readonly PlateSeed[];
  readonly take: (seed: PlateSeed) => Refused;
  readonly addOwn: () => Refused;
  readonly remove: (id: string) => Refused;
  readonly addGroup: (plate: string, joins: Joins) => Refused;
  /** Two dowels that bring the plate back to where it was. */
  readonly addDowels: (plate: PlateReport) => Refused;
  readonly removeGroup: (plate: string, group: string) => Refused;
}

const named = (seed: PlateSeed, axes: readonly Axis[]): PlateInput => ({
  ...seed,
  name: plateKindNames[seed.kind],
  groups: seed.groups.map((g) => {
    const other = axes.find((a) => a.id === g.of);
    const name = groupNames[g.joins];
    return { ...g, name: other ? `${name} of ${other.name}`.slice(0, MOST_NAME) : name };
  }),
});

const ownPlate = (): PlateInput => ({
  id: freshId(),
  name: plateKindNames.own,
  kind: 'own',
  thickness: null,
  material: 'aluminium',
  along: null,
  across: null,
  outline: [],
  made: 'drill',
  groups: [],
});

/** Plates of the axis at a place in the machine. */
export function usePlates(axis: Axis, index: number): PlateEdits {
  const { editor, project } = useMachine();
  const { plates } = axis.fit;
  const rider = project.axes.find((a) => a.carriedBy === axis.id);
  const set = (next: readonly PlateInput[], label: string) =>
    editor.apply([{ path: `axes.${index}.fit.plates`, value: next as unknown as Plain }], label);
  const changed = (id: string, change: (plate: PlateInput) => PlateInput, label: string) =>
    set(
      plates.map((p) => (p.id === id ? change(p) : p)),
      label,
    );
  return {
    proposals: proposedPlates(axis, rider),
    take: (seed) => set([...plates, named(seed, project.axes)], plateKindNames[seed.kind]),
    addOwn: () => set([...plates, ownPlate()], 'Added a plate'),
    remove: (id) =>
      set(
        plates.filter((p) => p.id !== id),
        'Removed a plate',
      ),
    addGroup: (plate, joins) =>
      changed(
        plate,
        (p) => ({
          ...p,
          groups: [...p.groups, { ...startingGroup(freshId(), joins), name: groupNames[joins] }],
        }),
        'Added holes',
      ),
    addDowels: (plate) =>
      changed(
        plate.input.id,
        (p) => ({ ...p, groups: [...p.groups, { ...dowelGroup(freshId(), plate), name: 'Dowels' }] }),
        'Added dowels',
      ),
    removeGroup: (plate, group) =>
      changed(plate, (p) => ({ ...p, groups: p.groups.filter((g) => g.id !== group) }), 'Removed holes'),
  };
}
