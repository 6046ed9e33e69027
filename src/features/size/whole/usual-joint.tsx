'use client';

import { type JointKind, middleOf, usualJoints } from '@/core/catalogue';
import { getAt } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { inputLabel, jointNames } from '@/words';

const inputs = {
  corner: { path: 'structure.corner', kind: 'torsionalStiffness' },
  mount: { path: 'structure.tool.mountStiffness', kind: 'stiffness' },
} as const;

const options: readonly (readonly [JointKind | '', string])[] = [
  ['', 'take a usual value'],
  ...usualJoints.map((j) => [j.kind, `${jointNames[j.kind]}`] as const),
];

/** Usual values of a joint that nobody has measured, while its field is empty: taken, they are estimates. */
export function UsualJoint({ of }: { of: keyof typeof inputs }) {
  const { project, editor } = useMachine();
  const { path, kind } = inputs[of];
  if (getAt(project, path)) return null;
  const name = inputLabel(path);
  return (
    <Choice
      label={`${name}, usually`}
      value=""
      options={options}
      onPick={(picked) => {
        const joint = usualJoints.find((j) => j.kind === picked);
        if (!joint) return undefined;
        const value = middleOf(kind, joint[of]);
        return editor.apply([{ path, value }], `${name}: ${jointNames[joint.kind]}`, path);
      }}
    />
  );
}
