import { readFileSync } from 'node:fs';
import { readProjectFile } from '@/core/formats';
import {
  applyEdits,
  type Axis,
  fieldRuleAt,
  getAt,
  estimate,
  type Measure,
  type Project,
  type ScrewDrive,
  setAt,
  type Stepper,
} from '@/core/model';

/** A machine with a screw and a stepper on each of its three axes, in the file format of version 1. */
export const demoText = readFileSync('test/fixtures/machine-v1.json', 'utf8');

/** An axis of that machine: what it is made of is known, so tests need not ask. */
export type ScrewAxis = Axis & { drive: ScrewDrive; motor: Stepper };

/** A machine out of a file's text. */
export function projectOf(text: string): Project {
  const opened = readProjectFile(text);
  if (!opened.ok) throw new Error(JSON.stringify(opened.issues));
  return opened.project;
}

type ScrewMachine = Omit<Project, 'axes'> & { axes: ScrewAxis[] };
// Read when first asked for: a property test asks for it thousands of times.
let machineOfScrews: ScrewMachine | undefined;

/** The machine of screws, fresh for every call. */
export function demoProject(): ScrewMachine {
  machineOfScrews ??= projectOf(demoText) as ScrewMachine;
  return structuredClone(machineOfScrews);
}

export function demoAxis(id: 'bed' | 'gantry' | 'plunge'): ScrewAxis {
  return demoProject().axes.find((a) => a.id === id)!;
}

/** The axis with SI values put at paths; what was typed is left alone, which the core never reads. */
export function withSi<A extends Axis>(axis: A, values: Record<string, number>): A {
  let changed = axis as Axis;
  for (const [path, si] of Object.entries(values))
    changed = setAt(changed, path, {
      typed: '',
      basis: 'estimate',
      ...(getAt(changed, path) as Measure | null),
      si,
    });
  return changed as A;
}

/** The axis with texts typed into its fields, as the sheet would take them. */
export const withTyped = <A extends Axis>(axis: A, texts: Record<string, string>): A =>
  applyEdits(
    axis,
    Object.entries(texts).map(([path, text]) => ({ path, value: estimate(fieldRuleAt(path)!.kind, text) })),
  );
