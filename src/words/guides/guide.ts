/** Rooms of the handbook that tell how something is done. */
export type GuideChapter = 'fit' | 'build' | 'true-up' | 'first-motion' | 'proof';

/** How something is done: what a formula's page is to a figure, this is to a piece of work. */
export interface Guide {
  /** `fit/travel`; stands in the address. */
  readonly id: string;
  readonly chapter: GuideChapter;
  readonly title: string;
  /** What it answers, in a sentence or two. */
  readonly answers: string;
  /** How it is done, step by step. */
  readonly how: readonly string[];
  /** Formulas that it works with, by their ids. */
  readonly formulas: readonly string[];
  /** What it says where, and what stands behind it. */
  readonly source: string;
  /** Where it no longer says the truth. */
  readonly limits: string;
  readonly cautions: readonly string[];
}

export const guideChapters: Readonly<Record<GuideChapter, string>> = {
  fit: 'Fit: does it go together',
  build: 'Build: get, cut and do',
  'true-up': 'Prove: truing up',
  'first-motion': 'Prove: first motion',
  proof: 'Prove: proofs',
};
