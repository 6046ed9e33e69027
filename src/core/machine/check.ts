import type { Checked } from '@/core/findings';
import type { Worksheet } from '@/core/worksheet';
import type { Analysis } from './analysis';

/** One check of one axis. Undefined: it has nothing to say about this axis. */
export type Check = (analysis: Analysis, sheet: Worksheet) => Checked | undefined;
export type CheckTable = Record<string, Check>;
