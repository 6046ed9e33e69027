/** What can be looked at of an axis, in the order of the work. */
export const fitViews = ['chain', 'stacks', 'ends', 'plates', 'room'] as const;
export type FitViewId = (typeof fitViews)[number];

export const fitViewNames: Record<FitViewId, string> = {
  chain: 'Travel chain',
  stacks: 'Stack-ups',
  ends: 'Ends and stops',
  plates: 'Plates',
  room: 'Room',
};

/** Which findings of an axis each view is about. */
export const findingsOfView: Record<FitViewId, (code: string) => boolean> = {
  chain: (code) => code === 'chain-short' || code === 'rail-short',
  stacks: (code) => code.startsWith('stack-'),
  ends: (code) => code.startsWith('end-') || code.startsWith('home-'),
  plates: (code) => code.startsWith('plate-'),
  // Of the machine as a whole.
  room: () => false,
};
