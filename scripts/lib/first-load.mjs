import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root } from './root.mjs';

/** What the first load of a station may come to, kB compressed: all that is there before its first verdict. */
const WANTED = 350;

/** Pages, and most that the scripts of their first load may come to, kB compressed. */
const most = {
  ...Object.fromEntries(
    ['machine', 'brief', 'size', 'fit', 'build', 'prove', 'log'].map((station) => [station, WANTED]),
  ),
  handbook: 490,
};

/** Scripts that the page asks for by itself, at once or ahead; those for browsers without modules are never fetched. */
function scriptsOf(page) {
  const html = readFileSync(join(root, '.next/server/app', `${page}.html`), 'utf8');
  const tags = [...html.matchAll(/<(?:script|link)[^>]*>/g)].map(([tag]) => tag);
  const sources = tags
    .filter((tag) => !/nomodule/i.test(tag))
    .flatMap((tag) =>
      [...tag.matchAll(/(?:src|href)="\/_next\/(static\/[^"]+\.js)"/g)].map(([, path]) => path),
    );
  return [...new Set(sources)];
}

/** The first load of every page of the build: what it comes to, and what it may come to, kB compressed. */
export const firstLoads = () =>
  Object.entries(most).map(([page, limit]) => {
    const bytes = scriptsOf(page).reduce(
      (sum, path) => sum + gzipSync(readFileSync(join(root, '.next', path))).length,
      0,
    );
    return { page, size: bytes / 1024, limit };
  });

/** The loads as lines. */
export const loadLines = (loads) =>
  loads.map(
    ({ page, size, limit }) =>
      `${page.padEnd(10)} ${size.toFixed(0).padStart(4)} kB, at most ${limit}` +
      (size > limit ? '  TOO MUCH' : ''),
  );
