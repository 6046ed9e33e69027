import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { expect, it } from 'vitest';

/** All sources of the application, tests left out. */
const files = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f))
  .map((f) => join('src', f));

const endings = ['', '.ts', '.tsx', '/index.ts', '/index.tsx'];

/** The file that an import of our own means; undefined for a package. */
function resolved(from: string, name: string): string | undefined {
  if (!name.startsWith('.') && !name.startsWith('@/')) return undefined;
  const base = name.startsWith('@/') ? join('src', name.slice(2)) : join(dirname(from), name);
  return endings.map((e) => base + e).find((f) => existsSync(f) && statSync(f).isFile());
}

const importsOf = (file: string) =>
  ts
    .preProcessFile(readFileSync(file, 'utf8'), true, true)
    .importedFiles.flatMap((i) => resolved(file, i.fileName) ?? []);

/** A way from a file back to itself, or undefined. */
function circleIn(arrows: ReadonlyMap<string, readonly string[]>): string[] | undefined {
  const done = new Set<string>();
  const walk = (file: string, way: readonly string[]): string[] | undefined => {
    if (way.includes(file)) return [...way.slice(way.indexOf(file)), file];
    if (done.has(file)) return undefined;
    for (const next of arrows.get(file) ?? []) {
      const circle = walk(next, [...way, file]);
      if (circle) return circle;
    }
    done.add(file);
    return undefined;
  };
  for (const file of arrows.keys()) {
    const circle = walk(file, []);
    if (circle) return circle;
  }
  return undefined;
}

it('no file needs itself, by whatever way round: two that need each other are one, or lack a third', () => {
  const arrows = new Map(files.map((file) => [file, importsOf(file)]));
  expect(arrows.size).toBeGreaterThan(200);
  expect(circleIn(arrows)).toBeUndefined();
});

it('a circle is found where there is one', () => {
  const planted = new Map([
    ['a', ['b']],
    ['b', ['c', 'd']],
    ['c', []],
    ['d', ['b']],
  ]);
  expect(circleIn(planted)).toEqual(['b', 'd', 'b']);
});
