/** The scripts in a page, as a content policy names them. */
export const scriptHashes: (html: string) => string[];
/** Writes which scripts stand in which page of a build, beside it. @param made folder of the build. */
export const writeInlineScripts: (made: string) => void;
/** Names the scripts of each page in its own policy. @throws where a page has none. */
export const nameInlineScripts: (folder: string) => void;
