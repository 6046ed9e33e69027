/** Figures and words that an issue is worded with, by name; figures are SI. */
export type IssueParams = Readonly<Record<string, number | string>>;
