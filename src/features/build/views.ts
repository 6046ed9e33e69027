/** What the Build station looks at. */
export const buildViews = ['parts', 'cutting', 'assembly', 'calendar', 'wiring'] as const;
export type BuildViewId = (typeof buildViews)[number];

export const buildViewNames: Record<BuildViewId, string> = {
  parts: 'Parts',
  cutting: 'Cutting',
  assembly: 'Assembly',
  calendar: 'Calendar',
  wiring: 'Wiring',
};
