import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { create } from 'fontkit';
import ts from 'typescript';
import { expect, it } from 'vitest';

const points = (file: string): readonly number[] => create(readFileSync(file)).characterSet;

const modules = 'node_modules';
const face = 'atkinson-hyperlegible-next';
const text = points(`${modules}/@fontsource-variable/${face}/files/${face}-latin-wght-normal.woff2`);
const label = points(`${modules}/@fontsource/barlow-condensed/files/barlow-condensed-latin-600-normal.woff2`);
const signs = points('src/ui/signs/signs.woff2');
const bold = points('src/ui/signs/signs-bold.woff2');

const sources = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f))
  .map((f) => join('src', f));

/** What may be shown of a source: its strings and the text between its elements, no comments. */
function shown(file: string): string {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const out: string[] = [];
  const walk = (node: ts.Node): void => {
    if (ts.isStringLiteralLike(node) || ts.isTemplateLiteralToken(node) || ts.isJsxText(node))
      out.push(node.text);
    ts.forEachChild(node, walk);
  };
  walk(source);
  return out.join('');
}

/** Which of the signs in a text no shipped face has. */
const lacking = (of: string, faces: ReadonlySet<number>): string[] =>
  [...new Set(of)].filter((c) => c.codePointAt(0)! >= 0x20 && !faces.has(c.codePointAt(0)!));

it('has a glyph in a face that ships for every sign that may be shown', () => {
  const demos = readdirSync('demo').map((f) => readFileSync(join('demo', f), 'utf8'));
  const all = [...sources.map(shown), ...demos].join('');
  for (const face of [text, label])
    for (const further of [signs, bold]) expect(lacking(all, new Set([...face, ...further]))).toEqual([]);
});

it('sees a sign that none has', () => {
  expect(lacking('5 µm ≈ 本', new Set([...text, ...signs]))).toEqual(['本']);
});
