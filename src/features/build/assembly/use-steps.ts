import { coverEdits, doneEdits, dropStepEdits, OWN_STEP, stepEdits } from '@/core/build';
import { type Edit, put, type StepSaid } from '@/core/model';
import { todayIso, useMachine } from '@/features/frame';
import { freshId } from '@/session';

/** What the builder can say of steps and joints, each one step of undo. */
export function useSteps() {
  const { project, editor } = useMachine();
  const edit = (edits: readonly Edit[], label: string) => editor.apply(edits, label);
  return {
    say: (key: string, change: Partial<StepSaid>, label: string) =>
      edit(stepEdits(project, key, change, freshId()), label),
    done: (key: string, done: boolean, name: string) =>
      edit(doneEdits(project, key, done, todayIso(), freshId()), `${done ? 'Done' : 'Not done'}: ${name}`),
    add: (name: string, owner: string) => {
      const id = freshId();
      const refused = edit(stepEdits(project, `${OWN_STEP}${id}`, { name, owner }, id), `New step: ${name}`);
      return { key: `${OWN_STEP}${id}`, refused };
    },
    drop: (key: string, name: string) => edit(dropStepEdits(project, key), `Step gone: ${name}`),
    cover: (joint: string, part: string, hides: boolean | null, label: string) =>
      edit(coverEdits(project, { joint, part }, hides, freshId()), label),
    /** Several parts are not in the way of a joint. */
    free: (joint: string, parts: readonly string[], label: string) => {
      const others = project.covers.filter((c) => c.joint !== joint || !parts.includes(c.part));
      const said = parts.map((part) => ({ id: freshId(), joint, part, hides: false }));
      return edit([put('covers', [...others, ...said])], label);
    },
    trial: (trial: boolean) =>
      edit([put('assembly.trial', trial)], trial ? 'Trial fit first' : 'Without a trial fit'),
    paint: (part: string, painted: boolean, name: string) => {
      const others = project.assembly.painted.filter((p) => p !== part);
      const label = `${painted ? 'Painted' : 'Not painted'}: ${name}`;
      return edit([put('assembly.painted', painted ? [...others, part] : others)], label);
    },
  };
}
