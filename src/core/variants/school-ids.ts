/** Quarrels of the trade in which both sides have machines that run. */
export const schoolIds = [
  'screw-rack',
  'one-two',
  'stepper-servo',
  'belt',
  'climb',
  'true',
  'gantry-table',
  'material',
  'crest-rms',
] as const;
export type SchoolId = (typeof schoolIds)[number];

/** The sides of each. */
export const schoolSides = {
  'screw-rack': ['screw', 'rack', 'belt'],
  'one-two': ['one', 'two'],
  'stepper-servo': ['stepper', 'servo'],
  belt: ['belt', 'rack', 'screw'],
  climb: ['climb', 'conventional'],
  true: ['adjusted', 'machined'],
  'gantry-table': ['moving-gantry', 'moving-table'],
  material: ['steel', 'aluminium', 'wood'],
  'crest-rms': ['crest', 'rms'],
} as const satisfies Readonly<Record<SchoolId, readonly string[]>>;
export type SchoolSide = (typeof schoolSides)[SchoolId][number];
