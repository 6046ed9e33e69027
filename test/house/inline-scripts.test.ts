import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { nameInlineScripts, scriptHashes, writeInlineScripts } from '../../scripts/lib/inline-scripts.mjs';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'inline-scripts-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** The example of the standard (Content Security Policy Level 2, W3C 2016, 7.17.2). */
const [HELLO, HELLO_HASH] = [
  "alert('Hello, world.');",
  "'sha256-qznLcsROx4GACP2dm0UCKCzCG+HiZ1guq6ZZDob/Tng='",
];
const EMPTY_HASH = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";

it('a script is named by the hash of all between its tags', () => {
  expect(scriptHashes(`<p></p><script>${HELLO}</script>`)).toEqual([HELLO_HASH]);
  expect(scriptHashes(`<script id="a">${HELLO}</script><script>${HELLO}</script>`)).toEqual([HELLO_HASH]);
  // White space counts; what comes from a file is named by its address.
  expect(scriptHashes(`<script> ${HELLO}</script>`)).not.toEqual([HELLO_HASH]);
  expect(scriptHashes('<script src="/a.js" async=""></script>')).toEqual([]);
  expect(scriptHashes('<script></script>')).toEqual([EMPTY_HASH]);
});

it('the build writes them down by page', () => {
  const pages = join(folder, 'server/app');
  mkdirSync(join(pages, 'handbook'), { recursive: true });
  writeFileSync(join(pages, 'index.html'), `<script>${HELLO}</script>`);
  writeFileSync(join(pages, 'handbook/guide.html'), '<script src="a.js"></script>');
  writeInlineScripts(folder);
  expect(JSON.parse(readFileSync(join(folder, 'inline-scripts.json'), 'utf8'))).toEqual({
    '/': [HELLO_HASH],
    '/handbook/guide': [],
  });
});

it('a plain page names them in its own policy, and one without a policy is refused', () => {
  const page = join(folder, 'index.html');
  const policy = (scripts: string) =>
    `<meta content="script-src &#x27;self&#x27; ${scripts}; style-src &#x27;unsafe-inline&#x27;"/>`;
  writeFileSync(page, `${policy('&#x27;unsafe-inline&#x27;')}<script>${HELLO}</script>`);
  nameInlineScripts(folder);
  const named = policy(HELLO_HASH.replaceAll("'", '&#x27;'));
  expect(readFileSync(page, 'utf8')).toBe(`${named}<script>${HELLO}</script>`);
  writeFileSync(page, '<p>nothing</p>');
  expect(() => nameInlineScripts(folder)).toThrow('index.html: no policy in it');
});
