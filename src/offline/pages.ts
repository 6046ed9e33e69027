/** Every page, by its path: what is asked of it stands behind the question mark, so each is one file. */
export const pages = [
  '/',
  '/machine',
  '/brief',
  '/size',
  '/fit',
  '/build',
  '/prove',
  '/log',
  '/practice',
  '/handbook',
  '/handbook/formula',
  '/handbook/guide',
] as const;

/** How the files of this build are addressed. */
export interface Layout {
  /** Below which path the application lies; nothing: at the root. */
  readonly base: string;
  /** Whether a plain web server hands out the files: a page is then a folder. */
  readonly folder: boolean;
}

/** The path without the slash that a folder ends with. */
export const plainPath = (path: string): string => (path.length > 1 ? path.replace(/\/$/, '') : path);

/** Address of a page as the browser asks for it. */
export const pageAddress = (page: string, { base, folder }: Layout): string =>
  `${base}${page}${folder && page !== '/' ? '/' : ''}`;

/**
 * Address of what the router fetches instead of a whole page. The server tells the two apart by a header, a
 * plain web server by the name of the file; kept copies need a name of their own either way.
 */
export const partAddress = (page: string, layout: Layout): string =>
  layout.folder ? `${pageAddress(page, layout)}index.txt` : `${pageAddress(page, layout)}?${KEPT_PART}=1`;

/** Marks the kept copy of what the router fetches. */
export const KEPT_PART = '_kept';

/** The page that an address belongs to. @returns undefined where there is none. */
export function pageOf(pathname: string, { base, folder }: Layout): string | undefined {
  if (!pathname.startsWith(base)) return undefined;
  const rest = pathname.slice(base.length) || '/';
  const asked = plainPath(folder ? rest.replace(/index\.(txt|html)$/, '') : rest);
  return pages.find((page) => page === asked);
}
