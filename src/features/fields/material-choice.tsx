'use client';

import { materials } from '@/core/catalogue';
import { getAt, type MaterialId, materialIds } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';

const options = materialIds.map((id) => [id, materials[id].name.toLowerCase()] as const);

/**
 * What something is made of. @param path of its material, from the root. @param of what it is the material
 * of.
 */
export function MaterialChoice({ path, of }: { path: string; of: string }) {
  const { project, editor } = useMachine();
  return (
    <Choice
      label="Material"
      value={getAt(project, path) as MaterialId}
      options={options}
      onPick={(next) => editor.apply([{ path, value: next }], `${of}: ${materials[next].name.toLowerCase()}`)}
    />
  );
}
