import type { Doc, SliceSteps } from '../slice';
import { practiceFaults } from './practice';

/** Posts had one sheet, called as the part. */
const ofPosts = (key: unknown) => (key === 'posts' ? 'posts/apart' : key);

/** A round from version 12 to 13: nobody kept what kind of move was made. */
const roundFromVersion12 = (round: Doc): Doc => ({
  ...round,
  sheet: ofPosts(round.sheet),
  moved: (round.moved as Doc[]).map((m) => ({ kind: '', ...m })),
});

/**
 * A practice round from version 13 to 14: its faults were drawn anew at every look, out of the plan as it
 * stood, so that none can be told now. What is no fault was never named on a sheet.
 */
const practiceFromVersion13 = (practice: Doc): Doc => ({
  ...practice,
  hidden: [],
  named: (practice.named as Doc[]).filter((n) => practiceFaults.some((f) => f === n.fault)),
});

/** Steps of what the slice owns. */
export const proveSteps: SliceSteps = {
  // Version 10 knew nothing of truing up and of faults.
  10: () => ({ sheets: [], rounds: [], happenings: [], symptoms: [] }),
  // Version 11 knew nothing of first motion and proof.
  11: () => ({ trials: [], posting: { dwell: '', remarks: '' } }),
  // Version 12 knew no machines to practise on.
  12: ({ sheets, rounds }) => ({
    sheets: (sheets as Doc[]).map((s) => ({ ...s, key: ofPosts(s.key) })),
    rounds: (rounds as Doc[]).map(roundFromVersion12),
    practice: null,
  }),
  13: ({ practice }) => ({ practice: practice && practiceFromVersion13(practice as Doc) }),
  // Version 18 knew no jobs.
  18: () => ({ jobs: [] }),
  // Rapids of version 19 were straight, whatever the controller.
  19: ({ jobs }) => ({
    jobs: (jobs as Doc[]).map((job) => ({ ...job, takes: { ...(job.takes as Doc), rapid: 'straight' } })),
  }),
};
