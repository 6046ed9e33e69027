import { oursIn } from '@/core/model';
import { oursOfCuts, originsOf } from '../loaded';
import type { MachineCode } from './checks';
import type { MachineContext } from './context';

/** Slices of the machine from which a check of the whole is worked out. */
type Root = 'axes' | 'cuts' | 'demands' | 'structure' | 'stand' | 'travels';

/** What each check of the whole reads, at most; what the builder alone can say of the place is never ours. */
const readBy: Readonly<Record<MachineCode, readonly Root[]>> = {
  'area-short': ['travels'],
  'reach-short': ['axes'],
  'table-bed': ['structure', 'travels'],
  'plasma-slow': ['cuts'],
  'spindle-short': ['cuts'],
  'spindle-slow': ['cuts'],
  'belt-rim': ['cuts'],
  'belt-wrap': ['cuts'],
  'spindle-bearing': ['cuts'],
  'belt-length': ['cuts'],
  'chip-rubs': ['cuts'],
  'chip-thick': ['cuts'],
  'climb-play': ['cuts', 'axes'],
  'cut-faster': ['cuts', 'demands'],
  'corner-slow': ['cuts', 'demands'],
  'plasma-reach': ['cuts', 'travels'],
  'passes-between': ['travels'],
  'passes-under': [],
  'cuts-through': [],
  'sticks-out': ['cuts'],
  'both-reach': ['travels'],
  room: ['structure', 'axes'],
  door: ['structure', 'axes'],
  bench: ['structure', 'axes'],
  floor: ['structure', 'axes', 'stand'],
  'power-short': ['axes', 'cuts'],
  'over-budget': [],
  rocks: ['structure', 'axes', 'stand'],
  tips: ['structure', 'axes', 'stand'],
  creeps: ['structure'],
  'sag-spread': ['structure', 'axes'],
  accuracy: ['structure', 'axes', 'cuts'],
  'frame-rings': ['structure', 'axes'],
  'frame-unknown': [],
};

const under: Readonly<Record<Root, (context: MachineContext) => string[]>> = {
  axes: ({ project, loaded }) =>
    loaded.flatMap(({ loaded: axis, report }, i) => originsOf(project, i, axis, report.ours)),
  cuts: ({ project }) => oursOfCuts(project),
  structure: ({ project }) => oursIn(project.structure, 'structure'),
  stand: ({ project }) => oursIn(project.stand, 'stand'),
  demands: ({ project }) => project.axes.flatMap((a, i) => oursIn(a.demands, `axes.${i}.demands`)),
  travels: ({ project }) =>
    project.axes.flatMap((a, i) => oursIn(a.demands.travel, `axes.${i}.demands.travel`)),
};

const gather = (context: MachineContext, roots: readonly Root[]): string[] => [
  ...new Set(roots.flatMap((root) => under[root](context))),
];

/** Numbers of ours on which a machine rests, as paths from its root, each once. */
export const oursOfMachine = (context: MachineContext): string[] =>
  gather(context, ['axes', 'cuts', 'structure', 'stand']);

/** Numbers of ours from which a check of the whole is worked out, at most; paths from the root. */
export const oursOfCheck = (context: MachineContext, code: string): string[] =>
  Object.hasOwn(readBy, code) ? gather(context, readBy[code as MachineCode]) : [];
