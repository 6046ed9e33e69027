import { describe, expect, it } from 'vitest';
import type { Against, AgainstRow } from '@/core/variants';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { againstText, answerName, answerText, linkGroupName, sumText } from '.';

const [kayak] = demoMachines() as [Project];

const row = (more: Partial<AgainstRow>): AgainstRow => ({
  key: 'error:x',
  id: 'error',
  at: 'x',
  kind: 'length',
  before: 0.0004,
  after: 0.0002,
  half: null,
  better: 'after',
  sure: 'sure',
  missing: false,
  ...more,
});
const held = (more: Partial<Against>): Against => ({
  rows: [],
  gone: [],
  come: [],
  dearer: 0,
  dearerOff: 0,
  ...more,
});

describe('two variants in words', () => {
  it('what is gained with both numbers, likely where it is no more than that, the most first', () => {
    const rows = [
      row({}),
      row({ key: 'top-speed:gantry', id: 'top-speed', at: 'gantry', kind: 'speed', before: 0.1, after: 0.4 }),
      row({ key: 'sag:', id: 'sag', at: '', before: 3e-5, after: 4e-5, better: 'before', sure: 'likely' }),
    ];
    const { gains, loses } = againstText(held({ rows }), 0, kayak, 'metric');
    expect(gains).toBe(
      'top speed, Gantry axis 24 m/min instead of 6 m/min; error along the bed 200 µm instead of 400 µm',
    );
    expect(loses).toBe('sag over the work area 40 µm instead of 30 µm, likely');
    expect(againstText(held({ rows }), 0, kayak, 'imperial').loses).toMatch(
      /0\.001\d+ in instead of 0\.001\d* in/,
    );
  });
  it('what it costs with how far that may be off, and what has no price yet', () => {
    const money = (dearer: number, dearerOff: number, unpicked: number) =>
      againstText(held({ dearer, dearerOff }), unpicked, kayak, 'metric').money;
    expect(money(214, 86, 0)).toBe(
      'It costs 214 more, give or take 86, as far as parts are picked; example prices.',
    );
    expect(money(-30, 0, 1)).toBe(
      'It costs 30 less, as far as parts are picked; example prices. ' +
        '1 link has no part yet and costs more on top.',
    );
    expect(money(0.2, 12, 3)).toMatch(/^It costs the same.* 3 links have no part yet/);
  });
  it('no more than three things are told of either side', () => {
    const rows = ['x', 'y', 'z', 'w'].map((at) => row({ key: `error:${at}`, at }));
    expect(againstText(held({ rows }), 0, kayak, 'metric').gains.split(';')).toHaveLength(3);
  });
});

describe('names and figures of a comparison', () => {
  it('answers by direction, by axis, and of the whole', () => {
    expect(answerName({ id: 'stiffness', at: 'y' }, kayak)).toBe('Stiffness at the tool, along the beam');
    expect(answerName({ id: 'lost-motion', at: 'bed' }, kayak)).toBe('Lost motion, Bed axis');
    expect(answerName({ id: 'moves', at: '' }, kayak)).toBe('Mass that moves');
  });
  it('small lengths in micrometres, sizes in millimetres, all in inches where the sheet is', () => {
    expect(answerText({ id: 'error', kind: 'length' }, 0.0000826, 'metric')).toBe('82.6 µm');
    expect(answerText({ id: 'error', kind: 'length' }, 0.0012, 'metric')).toBe('1.2 mm');
    expect(answerText({ id: 'length', kind: 'length' }, 3.1, 'metric')).toBe('3100 mm');
    expect(answerText({ id: 'length', kind: 'length' }, 2.54, 'imperial')).toBe('100 in');
  });
  it('pieces by axis and link, by member, by what of the brief', () => {
    const name = (id: string, axisId: string | null = null, link: 'drive' | 'motor' | null = null) =>
      linkGroupName({ id, axisId, link }, [kayak]);
    expect(name('axes[gantry].motor', 'gantry', 'motor')).toBe('Gantry axis: motor, driver and supply');
    expect(name('structure.beam')).toBe('Beam');
    expect(name('structure')).toBe('The whole frame');
    expect(name('brief.cuts')).toBe('Brief: cuts');
    expect(name('ownParts')).toBe('Own parts');
  });
  it('a sum with its doubt, and without where there is none', () => {
    expect(sumText(965.4, 212.6)).toBe('965 ± 210');
    expect(sumText(120, 0)).toBe('120');
  });
});
