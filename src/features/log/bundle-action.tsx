'use client';

import { useBundle, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';

/** Hands out the machine with all that lies with it. */
export function BundleAction() {
  const { project } = useMachine();
  const bundle = useBundle();
  return (
    <Action
      title="The machine with its photos and programs in one file, to be opened elsewhere"
      onAct={() => bundle(project)}
    >
      All of it as a bundle (zip)
    </Action>
  );
}
