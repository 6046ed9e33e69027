/**
 * No foreign origin may be reached from any page: fonts, scripts and data all ship with the application.
 * 'unsafe-inline' stands for scripts because Next writes its start-up data inline and the pages must stay
 * static files (a nonce would make every page dynamic and spoil working offline); texts out of imported
 * files are only ever rendered as text, which is what keeps a script out of them.
 */
export const contentPolicy = [
  "default-src 'self'",
  `script-src 'self' 'unsafe-inline'${process.env.NODE_ENV === 'development' ? " 'unsafe-eval'" : ''}`,
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' data: blob:",
  "font-src 'self'",
  "connect-src 'self'",
  "worker-src 'self' blob:",
  "object-src 'none'",
  "base-uri 'self'",
  "form-action 'self'",
].join('; ');
