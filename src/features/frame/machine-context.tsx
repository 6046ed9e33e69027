'use client';

import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import type { Edit, Project } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { type Session, useSessionState } from '@/session';
import type { Refused } from '@/ui/refusal';
import { readyForDays } from './day-plan';
import { type MachineEditor, machineEditor } from './editor';

/** The open machine, for every page inside the frame. */
export interface OpenMachine {
  readonly session: Session;
  readonly project: Project;
  readonly system: UnitSystem;
  readonly editor: MachineEditor;
}

/** A change that is being tried: it is made, and can be taken back or kept with one press. */
export interface Trial {
  /** Name of the change, while it is the last step; null otherwise. */
  readonly name: string | null;
  readonly tryOut: (edits: readonly Edit[], name: string) => Refused;
  readonly takeBack: () => void;
  readonly keep: () => void;
}

const OpenContext = createContext<OpenMachine | null>(null);
const TrialContext = createContext<Trial | null>(null);

function useTrialState(session: Session, editor: MachineEditor): Trial {
  const top = useSessionState(session, (s) => s.history.past[s.history.past.length - 1]);
  const [trial, setTrial] = useState<{ readonly step: unknown; readonly name: string } | null>(null);
  const name = trial && trial.step === top ? trial.name : null;
  return useMemo(
    () => ({
      name,
      tryOut(edits, what) {
        const refused = editor.apply(edits, `Try: ${what}`);
        const { past } = session.store.getState().history;
        if (!refused) setTrial({ step: past[past.length - 1], name: what });
        return refused;
      },
      takeBack() {
        session.undo();
        setTrial(null);
      },
      keep: () => setTrial(null),
    }),
    [name, editor, session],
  );
}

/** Gives the open machine to all that is below, instead of handing it through every component. */
export function MachineProvider({
  session,
  project,
  children,
}: {
  session: Session;
  project: Project;
  children: ReactNode;
}) {
  const system = project.units;
  const editor = useMemo(() => machineEditor(session, system), [session, system]);
  const machine = useMemo(() => ({ session, project, system, editor }), [session, project, system, editor]);
  const trial = useTrialState(session, editor);
  useEffect(() => void readyForDays(), []);
  return (
    <OpenContext.Provider value={machine}>
      <TrialContext.Provider value={trial}>{children}</TrialContext.Provider>
    </OpenContext.Provider>
  );
}

/** The open machine. @throws Error outside its frame: a fault of ours. */
export function useMachine(): OpenMachine {
  const machine = useContext(OpenContext);
  if (!machine) throw new Error('a page of a machine stands outside its frame');
  return machine;
}

/** Trying changes. @throws Error outside the frame: a fault of ours. */
export function useTrial(): Trial {
  const trial = useContext(TrialContext);
  if (!trial) throw new Error('a change is tried outside the frame of a machine');
  return trial;
}
