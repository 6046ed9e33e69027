import type { Finding } from '@/core/checks';
import type { BuildCode } from '@/core/build';
import type { LogCode } from '@/core/log';
import type { ProveCode } from '@/core/prove';
import type { AxisCode, MachineCode } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import { trainWords } from './findings-axis';
import { buildWords } from './findings-build';
import { endWords } from './findings-ends';
import { fitWords } from './findings-fit';
import { machineWords } from './findings-machine';
import { logWords } from './log';
import { partWords } from './findings-parts';
import { plateWords } from './findings-plates';
import { proveWords } from './findings-prove';
import { type FindingText, type FindingWords, tellerOf } from './teller';

const axisWords: Record<AxisCode, FindingWords> = {
  ...trainWords,
  ...partWords,
  ...fitWords,
  ...endWords,
  ...plateWords,
};

/** Words by the code of the check: a check without words does not compile. */
const words: Record<AxisCode | MachineCode | BuildCode | ProveCode | LogCode, FindingWords> = {
  ...axisWords,
  ...machineWords,
  ...buildWords,
  ...proveWords,
  ...logWords,
};

/** Words for a finding of any scope. */
export const findingText = (
  f: Finding<AxisCode | MachineCode | BuildCode | ProveCode | LogCode>,
  system: UnitSystem,
): FindingText => words[f.code](tellerOf(f, system));
