import { describe, expect, it } from 'vitest';
import { faultCodes, type Note, remarkCodes } from '@/core/gcode';
import { jobCodes, type JobFinding } from '@/core/job';
import { gcodeNoteText, jobFindingText, longTime } from '@/words';
import { demoMachines } from '@/demo';
import { writeProjectFile } from '@/core/formats';
import { applyEdits, put, estimate } from '@/core/model';
import { type JobWorld, run } from './job';

const kayak = demoMachines()[0]!;
const weak = applyEdits(kayak, [put('axes.1.motor.usableShare', estimate('ratio', '0.2'))]);
const programs: Record<string, string> = {
  'calm.nc': 'G21 G90\nS18000 M3\nG0 Z5\nG0 X100 Y100\nG1 Z-3 F300\nG1 X400 F3000\nG0 Z5\nM30\n',
  'bad.nc':
    'G21 G90\nS18000 M3\nG0 Z5\nG0 X100 Y3000\nY50\nG1 Z-3 F300\nG0 X200\nG41 D1\nG1 X400 F3000\nM30\n',
};
const world: JobWorld = {
  read: (path) => {
    if (path === 'kayak.json') return writeProjectFile(kayak);
    if (path === 'weak.json') return writeProjectFile(weak);
    if (path === 'broken.json') return '{"format": 3}';
    throw new Error('ENOENT');
  },
  open: (path) => {
    const bytes = new TextEncoder().encode(programs[path]);
    if (!programs[path]) throw new Error('ENOENT');
    return {
      bytes: bytes.length,
      *pieces() {
        for (let at = 0; at < bytes.length; at += 50) yield bytes.subarray(at, at + 50);
      },
    };
  },
};
const at = ['--nought', '20 mm,20 mm,60 mm'];

describe('a job from the terminal', () => {
  it('that runs is told with its time, where it reaches and what it is taken as', () => {
    const { out, err, code } = run(['kayak.json', 'calm.nc', ...at], world);
    expect([code, err]).toEqual([0, '']);
    expect(out).toMatch(/^calm\.nc on Tern Creek kayak router: holds, guessed\n8 lines, 5 moves, /);
    expect(out).toContain('nought of the work at X 20 mm, Y 20 mm, Z 60 mm');
    expect(out).toContain('Run it in air first');
  });
  it('that does not is told with its lines, and the code says so', () => {
    const { out, code } = run(['kayak.json', 'bad.nc', ...at], world);
    expect(code).toBe(1);
    expect(out).toMatch(/gives out {2}line 4 +Bed axis: 480 mm past a soft limit/);
    expect(out).toMatch(/gives out {2}line 7 +rapids with the tool in the stock/);
    expect(out).toMatch(/line 8, column 1: G41 is not checked/);
  });
  it('where nobody says where it lies it is put in the middle, and that is told', () =>
    expect(run(['kayak.json', 'calm.nc'], world).out).toMatch(
      /nought of the work at X 30 mm, Y 20 mm, Z 145 mm/,
    ));
  it('as JSON and as a table', () => {
    const { findings, worst } = JSON.parse(run(['kayak.json', 'bad.nc', '--json'], world).out);
    expect(findings[0].verdict).toBe('gives-out');
    const csv = run(['kayak.json', 'bad.nc', '--csv'], world).out.split(/\r?\n/);
    expect(csv[0]).toBe('line,axis,torque share,feed reached (m/min),holds at (m/min),what');
    expect(csv.length).toBe(worst.length + 2);
  });
  it('beside another machine, or a variant of it', () => {
    const { out } = run(['kayak.json', 'calm.nc', '--against', 'weak.json', ...at], world);
    expect(out).toMatch(/Beside it, Tern Creek kayak router takes as long \(.*\): gives out, guessed/);
  });
  it.each([
    [['kayak.json'], /Usage/],
    [['kayak.json', 'calm.nc', '--what'], /unknown option --what/],
    [['none.json', 'calm.nc'], /none\.json: cannot be read/],
    [['kayak.json', 'none.nc'], /none\.nc: cannot be read/],
    [['broken.json', 'calm.nc'], /./],
    [['kayak.json', 'calm.nc', '--nought', '1 mm,2 kg,3 mm'], /--nought: .*kg.*length/],
    [['kayak.json', 'calm.nc', '--nought', '1 mm'], /wanted three places/],
    [['kayak.json', 'calm.nc', '--cut', 'none'], /no cut “none”; wanted one of outline/],
    [['kayak.json', 'calm.nc', '--cut'], /--cut wants a value/],
  ])('%j is refused in words', (args, why) => {
    const { out, err, code } = run(args, world);
    expect([out, code]).toEqual(['', 2]);
    expect(err).toMatch(why);
  });
});

describe('in words', () => {
  it('every note names its line, and nothing of the program shows', () => {
    for (const code of [...faultCodes, ...remarkCodes]) {
      const note: Note = { code, fault: true, line: 12, column: 3, word: 'X1', read: 0.25, wanted: 0.5 };
      const text = gcodeNoteText(note, 'imperial');
      expect(text).toMatch(/^line 12, column 3: .{10}/);
      expect(text).not.toMatch(/undefined|NaN|\[object|[a-z]-[a-z]+-/);
    }
  });
  it('every finding too, in the units of the sheet', () => {
    for (const code of jobCodes) {
      const found: JobFinding = { code, verdict: 'gives-out', axis: 'Bed', value: 1.27, limit: 1, line: 3 };
      expect(jobFindingText(found, 'imperial')).not.toMatch(/undefined|NaN|\[object/);
    }
    const past: JobFinding = {
      code: 'job-past',
      verdict: 'gives-out',
      axis: 'Bed',
      value: 0.0254,
      limit: 0,
      line: 3,
    };
    expect(jobFindingText(past, 'imperial')).toContain('1 in');
    expect(jobFindingText({ ...past, code: 'job-unread', value: 1 }, 'metric')).toMatch(/^1 line not read/);
  });
  it('times as people say them', () => {
    expect([0.42, 12.34, 75, 3725].map(longTime)).toEqual(['0.42 s', '12.3 s', '1 min 15 s', '1 h 02 min']);
  });
});
