/** The policy of a page. @param scripts which scripts in it may run, as the policy names them. */
export const policyOf: (scripts: readonly string[]) => string;
/** The policy of a page whose scripts are not known yet. */
export const contentPolicy: string;
/** No page of another origin may show one of ours in itself; only a header can say so. */
export const UNFRAMED: string;
