// The content policy names each script that stands in a page by its hash: none other may run there.
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { policyOf } from '../../src/app/content-policy.mjs';

/** The scripts in a page, as a content policy names them (CSP Level 3, hash-source). */
export const scriptHashes = (html) => [
  ...new Set(
    [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
      ([, code]) => `'sha256-${createHash('sha256').update(code).digest('base64')}'`,
    ),
  ),
];

const pagesBelow = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.html'));

/**
 * Writes which scripts stand in which page of a build, beside it: the proxy reads it when the server starts.
 * @param made folder of the build.
 */
export function writeInlineScripts(made) {
  const pages = join(made, 'server/app');
  const found = pagesBelow(pages).map((name) => {
    const page = `/${name.replaceAll('\\', '/').replace(/\.html$/, '')}`;
    return [page === '/index' ? '/' : page, scriptHashes(readFileSync(join(pages, name), 'utf8'))];
  });
  writeFileSync(join(made, 'inline-scripts.json'), JSON.stringify(Object.fromEntries(found)));
}

const HEAD = '<head>';

/**
 * The same for a folder of plain files: a plain server sends no headers of ours, so that the policy stands in
 * each page, before all that it rules. @throws where a page has no head.
 */
export function nameInlineScripts(folder) {
  for (const name of pagesBelow(folder)) {
    const file = join(folder, name);
    const html = readFileSync(file, 'utf8');
    if (!html.includes(HEAD)) throw new Error(`${name}: no ${HEAD} in it; wanted one that takes the policy`);
    const policy = policyOf(scriptHashes(html)).replaceAll("'", '&#x27;');
    const meta = `<meta http-equiv="Content-Security-Policy" content="${policy}"/>`;
    // By a function: a policy is no pattern of what to put in.
    writeFileSync(
      file,
      html.replace(HEAD, () => HEAD + meta),
    );
  }
}
