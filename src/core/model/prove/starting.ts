import type { Project } from '../document';
import type { JobSaid } from './jobs';
import type { TrialSaid } from './trials';
import type { SheetSaid } from './truing';

/** Nothing of a new machine was read yet. */
export const startingProve = (): Pick<
  Project,
  'sheets' | 'rounds' | 'happenings' | 'symptoms' | 'trials' | 'posting' | 'jobs' | 'practice'
> => ({
  sheets: [],
  rounds: [],
  happenings: [],
  symptoms: [],
  trials: [],
  posting: { dwell: '', remarks: '' },
  jobs: [],
  practice: null,
});

/** A job of which nothing is said but its program. */
export const startingJob = (id: string, name: string, file: string): JobSaid => ({
  id,
  name,
  file,
  nought: { x: null, y: null, z: null },
  stock: { length: null, width: null, top: null },
  cut: '',
  tools: [],
  corner: { way: '', by: null, ahead: null },
  takes: {
    units: '',
    motion: '',
    centres: '',
    dwell: '',
    home: '',
    feedOverUnits: '',
    helix: '',
    pointless: '',
    tool: '',
    deleted: '',
    rapid: '',
  },
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
