import { describe, expect, it } from 'vitest';
import type { Issue } from '@/core/model';
import { evaluateWith } from '@/core/worksheet';
import { formulaById } from '@/core/handbook';
import { explainIssue, refusalText } from '.';

const length = { kind: 'length', above: 0, max: 2 } as const;
const at = ['axes', 0, 'demands', 'travel'];
const issue = (code: Issue['code'], over: Partial<Issue> = {}): Issue => ({
  code,
  path: at,
  read: '9',
  params: {},
  ...over,
});

describe('an issue in one sentence', () => {
  it.each<readonly [Issue, string]>([
    [issue('too-small', { field: length }), 'read “9”; wanted above 0 mm, at most 2000 mm.'],
    [issue('not-whole', { field: { kind: 'count', min: 1, max: 9, whole: true } }), 'read “9”; wanted '],
    [issue('foreign', { params: { format: 'ours' } }), 'wanted “ours” (this file was not written by'],
    [issue('newer', { params: { target: 4 } }), 'wanted 4 or lower (the file was written by a newer edition'],
    [issue('no-migration', { params: { target: 4 } }), 'wanted a version that can be brought to 4.'],
    [
      issue('migration-failed', { params: { at: 2 } }),
      'that version 2 allows (something that it must have is missing, or is of another kind).',
    ],
    [issue('file-too-large', { params: { most: 5 } }), 'wanted a file of at most 5 bytes.'],
    [issue('too-deep', { params: { most: 40 } }), 'wanted at most 40 levels of nesting.'],
    [issue('not-json', { params: { why: 'a comma is missing' } }), 'wanted a JSON file written by this'],
    [issue('typed-disagrees', { params: { si: 3 } }), 'the SI value 3 to say the same'],
    [issue('wrong-type', { params: { expected: 'a number' } }), 'wanted a number.'],
    [issue('wrong-value', { params: { words: '“a”, “b”' } }), 'wanted one of “a”, “b”.'],
    [issue('wrong-length', { params: { most: 8 } }), 'wanted at most 8.'],
    [issue('wrong-length', { params: { least: 1 } }), 'wanted at least 1.'],
    [issue('no-such-place'), 'wanted an input that is still there (it was taken away meanwhile).'],
  ])('%#', (one, words) => {
    expect(explainIssue(one)).toContain(words);
    expect(explainIssue(one)).toMatch(/^axes\.0\.demands\.travel: /);
    // In the sheet the field has its name, not its path.
    expect(refusalText(one, 'imperial')).toMatch(/^Travel: /);
  });
  it('of a whole file names the file, and says where nothing was read', () => {
    const { read: _nothing, ...bare } = issue('not-an-object', { path: [] });
    expect(explainIssue(bare)).toBe(
      'the file: nothing was read; wanted a JSON object that holds one machine.',
    );
  });
});

it('a formula known by its id only is worked out with plain numbers', () => {
  const formula = formulaById('screw/whip-limit')!;
  const given = Object.fromEntries(Object.keys(formula.symbols).map((name) => [name, 1]));
  expect(evaluateWith(formula, given)).toBe(formula.evaluate(given as never));
  expect(evaluateWith(formula, {})).toBeNaN();
});
