import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  asBefore15,
  asBefore14,
  asBefore16,
  asBefore17,
  asBefore18,
  asBefore19,
  asBefore20,
  asBefore13,
  asBefore12,
} from '@test/helpers/as-before';
import { projectOf } from '@test/helpers/demo';
import { projectIssues } from '.';

describe('a file of version 11', () => {
  const text = readFileSync('test/fixtures/machine-v11.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens with its readings; nothing was tried on it, and all else is as it was', () => {
    expect(old.version).toBe(11);
    expect(old.rounds.length).toBeGreaterThan(0);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore12(project), version: 11 }).toEqual(old);
  });
});

describe('a file of version 12', () => {
  const text = readFileSync('test/fixtures/machine-v12.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens with its trials; it is no practice machine, and all else is as it was', () => {
    expect(old.version).toBe(12);
    expect(old.trials.length).toBeGreaterThan(0);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore13(project), version: 12 }).toEqual(old);
  });
  it('posts had one sheet, which now says what it reads', () => {
    const lifted = {
      ...old,
      sheets: [{ ...old.sheets[0], key: 'posts' }],
      rounds: [{ ...old.rounds[0], sheet: 'posts' }],
    };
    const opened = projectOf(JSON.stringify(lifted));
    expect([opened.sheets[0]!.key, opened.rounds[0]!.sheet]).toEqual(['posts/apart', 'posts/apart']);
  });
});

describe('a file of version 13', () => {
  const text = readFileSync('test/fixtures/machine-v13.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens with its practice round, of which nobody knows what was hidden; all else is as it was', () => {
    expect(old.version).toBe(13);
    expect(old.practice.named.length).toBeGreaterThan(0);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore14(project), version: 13 }).toEqual(old);
  });
  it('a fault that nobody knows is not named any more', () => {
    const named = [{ ...old.practice.named[0], fault: 'gremlins' }, old.practice.named[1]];
    const opened = projectOf(JSON.stringify({ ...old, practice: { ...old.practice, named } }));
    expect(opened.practice!.named.map((n) => n.fault)).toEqual([old.practice.named[1].fault]);
  });
});

describe('a file of version 14', () => {
  const text = readFileSync('test/fixtures/machine-v14.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens with an empty log, and all else is as it was', () => {
    expect(old.version).toBe(14);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore15(project), version: 14 }).toEqual(old);
  });
});

describe('a file of version 15', () => {
  const text = readFileSync('test/fixtures/machine-v15.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens without upgrades, and all else is as it was', () => {
    expect(old.version).toBe(15);
    expect(old.log.length).toBeGreaterThan(0);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore16(project), version: 15 }).toEqual(old);
  });
});

describe('a file of version 16', () => {
  const text = readFileSync('test/fixtures/machine-v16.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens as one that was never asked at its start, and all else is as it was', () => {
    expect(old.version).toBe(16);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore17(project), version: 16 }).toEqual(old);
  });
});

describe('a file of version 17', () => {
  const text = readFileSync('test/fixtures/machine-v17.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens with what balances it as one force and a spindle on its motor; all else is as it was', () => {
    expect(old.version).toBe(17);
    expect(old.brief.spindle).not.toBeNull();
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore18(project), version: 17 }).toEqual(old);
  });
});

describe('a file of version 18', () => {
  const text = readFileSync('test/fixtures/machine-v18.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens without jobs, and all else is as it was', () => {
    expect(old.version).toBe(18);
    expect(old.trials.length).toBeGreaterThan(0);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore19(project), version: 18 }).toEqual(old);
  });
});

describe('a file of version 19', () => {
  const text = readFileSync('test/fixtures/machine-v19.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens with the rapids of its jobs straight as they were taken, and all else is as it was', () => {
    expect(old.version).toBe(19);
    expect(old.jobs).toHaveLength(1);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore20(project), version: 19 }).toEqual(old);
  });
});
