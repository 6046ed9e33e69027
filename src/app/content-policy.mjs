/**
 * No foreign origin may be reached from any page: fonts, scripts and data all ship with the application.
 * The scripts that the framework writes into a page are named by their hashes once it is built, for the pages
 * stay static files, kept for work offline: a nonce would have to be new in each answer. While it is
 * developed no page is built, and any script in it runs.
 * @param scripts which scripts in the page may run, as the policy names them.
 */
export const policyOf = (scripts) =>
  [
    "default-src 'self'",
    `script-src 'self' ${scripts.join(' ')}${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join('; ');

/** The policy of a page whose scripts are not known yet. */
export const contentPolicy = policyOf(["'unsafe-inline'"]);

/** No page of another origin may show one of ours in itself; only a header can say so. */
export const UNFRAMED = "; frame-ancestors 'none'";
