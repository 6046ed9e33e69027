import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { formulas } from '@/core/handbook';

const files = readdirSync('src/core', { recursive: true, encoding: 'utf8' })
  .filter((f) => f.endsWith('.ts'))
  .map((f) => [f, readFileSync(join('src/core', f), 'utf8')] as const);
const sources = files.filter(([f]) => !f.endsWith('.test.ts'));
const tests = files
  .filter(([f]) => f.endsWith('.test.ts'))
  .map(([, text]) => text)
  .join('\n');

describe('every formula', () => {
  it.each(formulas.map((f) => f.id))('%s is computed in a test of its own', (id) => {
    // The name under which it is exported, by the line above its id.
    const [, text] = sources.find(([, t]) => t.includes(`id: '${id}'`))!;
    const name =
      /export const (\w+) = defineFormula\(\{\s*$/.exec(text.slice(0, text.indexOf(`id: '${id}'`)))?.[1] ??
      /(\w+) = defineFormula\(\{\s*$/.exec(text.slice(0, text.indexOf(`id: '${id}'`)))![1]!;
    expect(new RegExp(`\\b${name}\\.evaluate\\(|\\b${name}\\b.*evaluate`).test(tests), name).toBe(true);
  });
});
