import type { Project } from '../document';
import type { TrialSaid } from './trials';
import type { SheetSaid } from './truing';

/** Nothing of a new machine was read yet. */
export const startingProve = (): Pick<
  Project,
  'sheets' | 'rounds' | 'happenings' | 'symptoms' | 'trials' | 'posting' | 'practice'
> => ({
  sheets: [],
  rounds: [],
  happenings: [],
  symptoms: [],
  trials: [],
  posting: { dwell: '', remarks: '' },
  practice: null,
});

/** A sheet of which nothing is said yet. */
export const startingSheet = (id: string, key: string): SheetSaid => ({
  id,
  key,
  method: '',
  instrument: '',
  digit: null,
  limit: null,
  places: null,
  good: null,
  typed: '',
  left: false,
  note: '',
});

/** A record of a trial in which nothing is written down yet. */
export const startingTrial = (id: string, key: string, at: string): TrialSaid => ({
  id,
  key,
  at,
  temperature: null,
  instrument: '',
  digit: null,
  limit: null,
  feed: null,
  running: null,
  compensation: '',
  entries: [],
  note: '',
  taken: [],
});
