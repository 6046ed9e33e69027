import type { Role } from './axes/schema';
import type { Arrangement } from './brief/schema';

/** An axis of an arrangement: what it stands for, and the one on which it rides (null: on the stand). */
export interface ArrangedAxis {
  readonly role: Role;
  readonly on: Role | null;
}

const axis = (role: Role, on: Role | null): ArrangedAxis => ({ role, on });

const portal = [axis('bed', null), axis('gantry', 'bed'), axis('plunge', 'gantry')] as const;

/** The axes that each arrangement has, and who carries whom. */
export const arrangedAxes: Readonly<Record<Arrangement, readonly ArrangedAxis[]>> = {
  'moving-gantry': portal,
  cantilever: portal,
  'moving-table': [axis('table', null), axis('gantry', null), axis('plunge', 'gantry')],
  // The posts run along the bed; the lift is between them and the beam.
  'lifted-two': [axis('bed', null), axis('gantry', 'plunge'), axis('plunge', 'bed')],
  // The rails themselves are lifted, with all that runs on them.
  'lifted-four': [axis('bed', 'plunge'), axis('gantry', 'bed'), axis('plunge', null)],
  // A cross slide carries the table both ways; the head has a lift of its own.
  'fixed-gantry': [axis('table', 'gantry'), axis('gantry', null), axis('plunge', null)],
};

/** Whether a portal of two feet rides along the bed: its feet can be tied below it. */
export const ridesAsPortal = (arrangement: Arrangement): boolean =>
  arrangement === 'moving-gantry' || arrangement === 'lifted-two' || arrangement === 'lifted-four';
