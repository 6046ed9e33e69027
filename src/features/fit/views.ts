/** What can be looked at of an axis, in the order of the work. */
export const fitViews = ['chain', 'stacks', 'ends', 'plates', 'instead', 'room', 'tables'] as const;
export type FitViewId = (typeof fitViews)[number];

export const fitViewNames: Record<FitViewId, string> = {
  chain: 'Travel chain',
  stacks: 'Stack-ups',
  ends: 'Ends and stops',
  plates: 'Plates',
  instead: 'Another part',
  room: 'Room',
  tables: 'Tables',
};

/** Which findings of an axis each view is about. */
export const findingsOfView: Record<FitViewId, (code: string) => boolean> = {
  chain: (code) => code === 'chain-short' || code.startsWith('rail-'),
  stacks: (code) => code.startsWith('stack-'),
  ends: (code) => code.startsWith('end-') || code.startsWith('home-'),
  plates: (code) => code.startsWith('plate-'),
  // It shows what would turn, not what is.
  instead: () => false,
  // Of the machine as a whole.
  room: () => false,
  tables: () => false,
};
