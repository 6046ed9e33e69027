import { readFileSync } from 'node:fs';
import { readProjectFile } from '@/core/formats';
import { type Axis, getAt, type Measure, type Project, setAt } from '@/core/model';

export const demoText = readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8');

/** The demo machine, fresh for every call. */
export function demoProject(): Project {
  const opened = readProjectFile(demoText);
  if (!opened.ok) throw new Error(JSON.stringify(opened.issues));
  return opened.project;
}

export function demoAxis(id: 'bed' | 'gantry' | 'plunge'): Axis {
  return demoProject().axes.find((a) => a.id === id)!;
}

/** The axis with SI values put at paths; what was typed is left alone, which the core never reads. */
export function withSi(axis: Axis, values: Record<string, number>): Axis {
  return Object.entries(values).reduce((a, [path, si]) => {
    const before = getAt(a, path) as Measure | null;
    return setAt(a, path, { typed: '', basis: 'estimate', ...before, si });
  }, axis);
}
