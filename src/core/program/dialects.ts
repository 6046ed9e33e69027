import type { ControllerClass } from '@/core/model';

/** What classes of controllers take differently. */
export interface Dialect {
  readonly units: 'mm' | 'inch';
  /** What P of a dwell means. */
  readonly dwell: 'seconds' | 'milliseconds';
  readonly remarks: 'brackets' | 'semicolon';
  /** Whether it can be told to stop exactly at the end of every move by G61. */
  readonly exactStop: boolean;
  readonly end: 'M2' | 'M30';
  /** Most characters of a line that its reader takes. */
  readonly line: number;
}

/** What is said of a dialect; the rest follows the class. */
export type DialectSaid = Partial<Pick<Dialect, 'dwell' | 'remarks' | 'units'>>;

/** Usual ways of each class; memory. The builder’s own manual decides. */
const usual: Readonly<Record<ControllerClass, Omit<Dialect, 'units'>>> = {
  parallel: {
    dwell: 'seconds',
    remarks: 'brackets',
    exactStop: true,
    end: 'M2',
    line: 250,
  },
  'board-8': { dwell: 'seconds', remarks: 'brackets', exactStop: true, end: 'M2', line: 70 },
  'board-32': {
    dwell: 'seconds',
    remarks: 'semicolon',
    exactStop: false,
    end: 'M2',
    line: 90,
  },
  'motion-card': {
    dwell: 'seconds',
    remarks: 'brackets',
    exactStop: true,
    end: 'M30',
    line: 120,
  },
  closed: {
    dwell: 'milliseconds',
    remarks: 'brackets',
    exactStop: false,
    end: 'M30',
    line: 70,
  },
};

/** Nobody has said which class: what nearly all of them read. */
const plain: Omit<Dialect, 'units'> = { ...usual['board-8'], exactStop: false };

/** The dialect of a class, with what the builder says of it. */
export const dialectOf = (of: ControllerClass | '', said: DialectSaid = {}): Dialect => ({
  units: 'mm',
  ...(of === '' ? plain : usual[of]),
  ...said,
});
