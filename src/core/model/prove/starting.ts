import type { Project } from '../document';
import type { SheetSaid } from './truing';

/** Nothing of a new machine was read yet. */
export const startingProve = (): Pick<Project, 'sheets' | 'rounds' | 'happenings' | 'symptoms'> => ({
  sheets: [],
  rounds: [],
  happenings: [],
  symptoms: [],
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
