'use client';

import { proposedPlates, type PlateSeed, startingGroup } from '@/core/machine';
import type { Axis, Joins, Plain, PlateInput } from '@/core/model';
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
  readonly removeGroup: (plate: string, group: string) => Refused;
}

const named = (seed: PlateSeed): PlateInput => ({
  ...seed,
  name: plateKindNames[seed.kind],
  groups: seed.groups.map((g) => ({ ...g, name: groupNames[g.joins] })),
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
  const { editor } = useMachine();
  const { plates } = axis.fit;
  const set = (next: readonly PlateInput[], label: string) =>
    editor.apply([{ path: `axes.${index}.fit.plates`, value: next as unknown as Plain }], label);
  const changed = (id: string, change: (plate: PlateInput) => PlateInput, label: string) =>
    set(
      plates.map((p) => (p.id === id ? change(p) : p)),
      label,
    );
  return {
    proposals: proposedPlates(axis),
    take: (seed) => set([...plates, named(seed)], plateKindNames[seed.kind]),
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
    removeGroup: (plate, group) =>
      changed(plate, (p) => ({ ...p, groups: p.groups.filter((g) => g.id !== group) }), 'Removed holes'),
  };
}
