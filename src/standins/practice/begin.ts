import { type PracticeLevel, type Project, startingProve } from '@/core/model';
import { drawnFaults } from './draw';
import { practiceGround } from './ground';

/** How a practice round begins. */
export interface PracticeBegun {
  /** Of the machine that is made of it. */
  readonly id: string;
  readonly name: string;
  readonly seed: number;
  readonly level: PracticeLevel;
  readonly at: string;
}

/** A machine to practise on, out of any: as it is planned, nothing read, and something wrong with it. */
export function beginPractice(base: Project, { id, name, seed, level, at }: PracticeBegun): Project {
  const practice = { seed, level, began: at, ended: null, hints: [], hidden: [], named: [] };
  const bare: Project = { ...base, ...startingProve(), id, name, practice };
  const hidden = drawnFaults(practiceGround(bare)!).map(({ fault, axis, size }) => ({ fault, axis, size }));
  return { ...bare, practice: { ...practice, hidden } };
}
