/** The scripts in a page, as a content policy names them. */
export const scriptHashes: (html: string) => string[];
/** Writes which scripts stand in which page of a build, beside it. @param made folder of the build. */
export const writeInlineScripts: (made: string) => void;
/** Puts a policy into each page that names its scripts. @throws where a page has no head. */
export const nameInlineScripts: (folder: string) => void;
