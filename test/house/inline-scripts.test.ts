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

it('a plain page gets a policy that names them, before all else; one without a head is refused', () => {
  const page = join(folder, 'index.html');
  writeFileSync(page, `<html><head><title>$& a</title></head><script>${HELLO}</script></html>`);
  nameInlineScripts(folder);
  const html = readFileSync(page, 'utf8');
  expect(html).toMatch(/^<html><head><meta http-equiv="Content-Security-Policy" content="default-src /);
  expect(html).toContain(`script-src &#x27;self&#x27; ${HELLO_HASH.replaceAll("'", '&#x27;')};`);
  expect(html).toContain('/><title>$& a</title>');
  writeFileSync(page, '<p>nothing</p>');
  expect(() => nameInlineScripts(folder)).toThrow('index.html: no <head> in it');
});
