/** Where a formula comes from, in words. */
export const citationWords = {
  standard: 'Standard',
  textbook: 'Textbook',
  derived: 'Derived',
  practice: 'Common practice, no source',
  memory: 'From memory: overwrite it with a datasheet value',
} as const;
