import { afterEach, describe, expect, it } from 'vitest';
import type { Measure } from '@/core/model';
import { getAt, projectIssues } from '@/core/model';
import type { Session } from '@/session';
import { demoProject } from '@test/helpers/demo';
import { openSession } from '@test/helpers/session';
import { machineEditor } from './editor';

const opened: Session[] = [];
afterEach(() => opened.splice(0).forEach((s) => s.close()));

async function edited(system: 'metric' | 'imperial' = 'metric') {
  const session = await openSession(demoProject());
  opened.push(session);
  const at = (path: string) => getAt(session.project, path) as Measure | null;
  return { session, at, editor: machineEditor(session, system) };
}
const travel = 'axes.0.demands.travel';

describe('typing into a field', () => {
  it('takes units as people type them; a bare number is in those of the sheet', async () => {
    const { editor, at } = await edited();
    expect(editor.type(travel, '54 in', 'a')).toEqual({ typed: '54 in' });
    expect(at(travel)!.si).toBeCloseTo(1.3716, 12);
    expect(editor.type(travel, ' 1500 ', 'a')).toEqual({ typed: '1500 mm' });
    expect(at(travel)!.si).toBeCloseTo(1.5, 12);
    const inches = await edited('imperial');
    expect(inches.editor.type(travel, '60', 'a')).toEqual({ typed: '60 in' });
    expect(inches.at(travel)!.si).toBeCloseTo(1.524, 12);
  });
  it('a bare step angle is in degrees, though the formulas count teeth', async () => {
    const { editor, at } = await edited();
    const path = 'axes.0.motor.rotorTeeth';
    expect(editor.type(path, '0.9', 'a')).toEqual({ typed: '0.9 °' });
    expect(at(path)!.si).toBe(100);
    expect(editor.type(path, '50 teeth', 'a')).toEqual({ typed: '50 teeth' });
    expect(at(path)!.si).toBe(50);
    // Two hundred degrees are no step.
    expect(editor.type(path, '200', 'a')).toHaveProperty('error');
  });
  it('keeps basis and doubt of what stood there', async () => {
    const { editor, at } = await edited();
    const before = at(travel)!;
    editor.type(travel, '2 m', 'a');
    expect(at(travel)!.basis).toBe(before.basis);
    expect(editor.setBasis(travel, 'datasheet')).toBeUndefined();
    expect(at(travel)).toMatchObject({ typed: '2 m', basis: 'datasheet' });
  });
  it.each([
    ['what is no quantity', 'about two', /a length is wanted/],
    ['a quantity of another kind', '3 N·m', /is a torque; a length is wanted/],
    [
      'what lies out of its range, in the units of the sheet',
      '90 m',
      /^Travel: read “90 m”; wanted above 0 mm/,
    ],
    ['more characters than are kept', `1${' '.repeat(90)}m`, /characters/],
  ])('refuses %s, and nothing changes', async (_, text, message) => {
    const { session, editor } = await edited();
    const before = session.project;
    const taken = editor.type(travel, text, 'a');
    expect('error' in taken && taken.error).toMatch(message);
    expect(session.project).toBe(before);
  });
  it('refuses what breaks a rule, by the name of the field that was typed into', async () => {
    const { session, editor } = await edited();
    const before = session.project;
    const taken = editor.type('axes.0.demands.feed', '30 m/min', 'a');
    expect(taken).toEqual({ error: expect.stringMatching(/^Cutting feed: read “.*30.*”; wanted /) });
    expect(session.project).toBe(before);
  });
  it('a longer travel carries along what must follow; one undo takes all of it back', async () => {
    const { session, editor, at } = await edited();
    const before = session.project!;
    const screw = 'axes.0.drive.betweenBearings';
    const [was, wide] = [at(travel)!.si, at(screw)!.si];
    for (const text of ['2', '29', '290', '2900']) editor.type(travel, text, 'a');
    expect(at(screw)!.si).toBeCloseTo(wide + 2.9 - was, 9);
    expect(editor.type(travel, '2900 mm', 'a')).toEqual({
      typed: '2900 mm',
      also: expect.stringMatching(/^Carried along: between bearings 3080 mm/),
    });
    expect(projectIssues(session.project!)).toEqual([]);
    // Back to what was there: nothing needs to be longer any more.
    expect(editor.type(travel, '2500 mm', 'a')).toEqual({ typed: '2500 mm' });
    expect(at(screw)).toBe(getAt(before, screw));
    editor.type(travel, '3 m', 'a');
    session.undo();
    expect(session.project).toBe(before);
  });
  it('an emptied field is not given where it may be, and is refused where it may not', async () => {
    const { editor, at } = await edited();
    expect(editor.type('axes.0.drive.nutOffset', '', 'a')).toEqual({ typed: '' });
    expect(at('axes.0.drive.nutOffset')).toBeNull();
    expect(editor.type(travel, '', 'a')).toMatchObject({ error: expect.stringMatching(/^Travel: /) });
    expect(editor.setBasis('axes.0.drive.nutOffset', 'measured')).toBeUndefined();
  });
  it('keystrokes of one visit are one step, of two visits two; each has the name of its field', async () => {
    const { session, editor } = await edited();
    for (const text of ['1', '15', '150', '1500']) editor.type(travel, text, 'first');
    for (const text of ['16', '160', '1600']) editor.type(travel, text, 'second');
    const { past } = session.store.getState().history;
    expect(past.map((s) => s.label)).toEqual(['Travel', 'Travel']);
    expect([session.undo(), session.undo(), session.undo()]).toEqual(['Travel', 'Travel', undefined]);
  });
  it('a field that is gone says so', async () => {
    const { editor } = await edited();
    expect(editor.type('axes.7.demands.travel', '1 m', 'a')).toEqual({
      error: 'This field is not there any more.',
    });
    expect(editor.type('axes.0.demands.altitude', '1 m', 'a')).toHaveProperty('error');
  });
});

describe('other edits', () => {
  it('give the reason back in the units of the sheet', async () => {
    const { editor } = await edited('imperial');
    expect(editor.apply([{ path: 'axes.0.carriedBy', value: 'bed' }], 'Rides')).toMatch(/wanted/);
    expect(editor.apply([{ path: 'axes.0.name', value: 'Long axis' }], 'Name')).toBeUndefined();
  });
  it('a text that is written keystroke by keystroke is one step', async () => {
    const { session, editor } = await edited();
    for (const text of ['F', 'Fo', 'For', 'For kayaks']) editor.write('note', text, 'Note');
    expect(session.project!.note).toBe('For kayaks');
    expect(session.store.getState().history.past).toHaveLength(1);
    expect(editor.write('note', 'x'.repeat(20_001), 'Note')).toMatch(/20000/);
    expect(session.project!.note).toBe('For kayaks');
  });
});
