import type { MachineHead, MachineStorage } from '@/storage';

/** Gives a machine another name, unless it is being changed elsewhere at this moment. */
export function useRename(storage: MachineStorage | null, onProblem: (problem: string) => void) {
  return async ({ id }: MachineHead, name: string): Promise<void> => {
    const loaded = await storage?.load(id);
    if (!loaded?.ok) return onProblem('That machine cannot be read just now: it keeps its name.');
    const { project, mark } = loaded;
    const named = { ...project, name, changed: new Date().toISOString() };
    const saved = await storage!.save(named, mark, project);
    return saved.ok ? undefined : onProblem(`${project.name} keeps its name: it was changed elsewhere.`);
  };
}
