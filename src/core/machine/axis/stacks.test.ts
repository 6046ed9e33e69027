import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Axis,
  axisIssues,
  guess,
  type Plain,
  putInAxis,
  startingAxis,
  startingDrive,
  type StackLinkInput,
} from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { axisReport, proposedStacks, publishedOf, type StackProposalId, stacksOf } from '.';

const mm = (v: number) => guess('length', `${v} mm`);
const rounded = (si: number | undefined) => Math.round(si! * 1e5) / 100;

/** Ball screw 16 on profile rails 20, narrow. */
const base = applyEdits({ ...startingAxis('gantry', 'a'), drive: startingDrive('screw', 0.9) }, [
  putInAxis('drive.nominalDiameter', mm(16)),
  putInAxis('drive.rootDiameter', mm(12.9)),
  putInAxis('guide.kind', 'profile'),
  putInAxis('guide.size', mm(20)),
  putInAxis('fit.mount.carriage', 'narrow'),
]);

/** The axis with a proposal taken up, and links changed. */
function taken(axis: Axis, id: StackProposalId, change: Record<string, Partial<StackLinkInput>> = {}): Axis {
  const { links, gap } = proposedStacks(axis).find((p) => p.id === id)!;
  const named = links.map((l) => ({ ...l, name: l.id, ...change[l.id] }));
  return applyEdits(axis, [
    { path: 'fit.stack.links', value: [...axis.fit.stack.links, ...named] as Plain },
    { path: 'fit.stack.gaps', value: [...axis.fit.stack.gaps, { ...gap, name: gap.id }] as Plain },
  ]);
}
const findings = (axis: Axis) => axisReport(axis).findings.filter((f) => f.code.startsWith('stack-'));
const gapOf = (axis: Axis) => stacksOf(axis, silentWorksheet).gaps[0]!;

describe('what parts are known for', () => {
  it('a carriage 20 stands 30 over its seat, a screw 16 runs 25 over its foot, its nut reaches 20', () => {
    const known = publishedOf(base);
    expect(known['carriage-height']!.value).toBeCloseTo(0.03, 12);
    expect(known['block-height']!.value).toBeCloseTo(0.025, 12);
    expect(known['nut-face']!.value).toBeCloseTo(0.02, 12);
    for (const k of Object.values(known)) expect(k.source.length).toBeGreaterThan(5);
  });
  it('of a size in several forms nothing is known before the form is said', () => {
    expect(
      publishedOf(applyEdits(base, [putInAxis('fit.mount.carriage', null)]))['carriage-height'],
    ).toBeUndefined();
  });
  it('a pinion of 20 teeth, module 2 has its pitch line 20 off its axis; a rack of module 2 at 22', () => {
    const rack = { ...base, drive: startingDrive('rack', 2) };
    const known = publishedOf(
      applyEdits(rack, [putInAxis('drive.module', mm(2)), putInAxis('drive.teeth', guess('count', '20'))]),
    );
    expect(known['pinion-radius']!.value).toBeCloseTo(0.02, 12);
    expect(known['rack-pitch-line']!.value).toBeCloseTo(0.022, 12);
  });
});

describe('a stack-up that is proposed from the parts', () => {
  it('is offered until it is taken up; of what it shares with another only what is new', () => {
    expect(proposedStacks(base).map((p) => p.id)).toEqual(['nut', 'motor', 'sides', 'seats']);
    const with1 = taken(base, 'nut');
    const motor = proposedStacks(with1).find((p) => p.id === 'motor')!;
    expect(proposedStacks(with1).map((p) => p.id)).toEqual(['motor', 'sides', 'seats']);
    expect(motor.links.map((l) => l.id)).toEqual(['block-on-base', 'motor']);
    expect(axisIssues(with1)).toEqual([]);
  });
  it('30 - 20 - 25: the nut fouls the plate by 15, and a recess mends it', () => {
    const axis = taken(base, 'nut');
    const { closed, standing, action } = gapOf(axis);
    expect(rounded(closed!.gap)).toBe(-15);
    expect(standing).toBe('outside');
    // Carriage and block are 71 % and 18 % of the doubt: read first, cut then.
    expect(action).toMatchObject({ does: 'measure', link: 'carriage', then: { does: 'recess' } });
    const [found] = findings(axis);
    expect(found).toMatchObject({ code: 'stack-gap', about: 'nut', verdict: 'gives-out' });
  });
  it('once all is read it says the recess itself; tried, the gap stands in its window', () => {
    const read = (v: number): Partial<StackLinkInput> => ({ measured: mm(v), doubt: mm(0.01) });
    const axis = taken(base, 'nut', {
      carriage: read(29.97),
      'block-step': read(0),
      block: read(25.02),
      'nut-face': read(19.98),
    });
    expect(gapOf(axis).action).toMatchObject({ does: 'recess' });
    const [found] = findings(axis);
    const remedy = found!.remedies.find((r) => r.code === 'stack-recess')!;
    expect(remedy).toBeDefined();
    const mended = applyEdits(axis, remedy.edits);
    expect(axisIssues(mended)).toEqual([]);
    expect(rounded(gapOf(mended).closed!.gap)).toBe(0.02);
    expect(findings(mended)[0]?.verdict ?? 'holds').not.toBe('gives-out');
    // Made and read, it holds.
    const done = applyEdits(mended, [
      {
        path: 'fit.stack.links',
        value: mended.fit.stack.links.map((l) =>
          l.id === 'floor-nut' ? { ...l, measured: mm(15.05), doubt: mm(0.005) } : l,
        ) as Plain,
      },
      putInAxis('fit.stack.gaps.0.most', mm(0.1)),
      putInAxis('fit.stack.gaps.0.least', mm(-0.02)),
    ]);
    expect(findings(done)).toEqual([]);
  });
  it('a block set too low leaves a gap that a shim fills', () => {
    const read = (v: number): Partial<StackLinkInput> => ({ measured: mm(v), doubt: mm(0.01) });
    const axis = taken(base, 'nut', {
      carriage: read(30),
      'block-step': read(-15.65),
      block: read(25),
      'nut-face': read(20),
    });
    expect(gapOf(axis).action).toMatchObject({ does: 'shim' });
    const remedy = findings(axis)[0]!.remedies.find((r) => r.code === 'stack-shim')!;
    expect(rounded(Number(remedy.params.by))).toBe(0.63);
  });
});

describe('what is wrong with a stack-up', () => {
  it('the rail counted once more beside its carriage: said, and mended by taking it out', () => {
    const axis = taken(base, 'nut');
    const rail: StackLinkInput = {
      ...axis.fit.stack.links[0]!,
      id: 'rail',
      name: 'Rail',
      from: 'rail-seat',
      to: 'rail-top',
      says: 'rail-height',
    };
    const links = axis.fit.stack.links.map((l) => (l.id === 'carriage' ? { ...l, from: 'rail-top' } : l));
    const doubled = applyEdits(axis, [{ path: 'fit.stack.links', value: [rail, ...links] as Plain }]);
    const found = findings(doubled).find((f) => f.code === 'stack-twice')!;
    expect(found).toMatchObject({ verdict: 'gives-out', params: { thing: 'rail' } });
    expect(rounded(gapOf(doubled).closed!.gap)).toBe(2.5);
    const dropped = applyEdits(
      doubled,
      found.remedies.find((r) => r.code === 'drop-link' && r.params.name === 'Rail')!.edits,
    );
    expect(rounded(gapOf(dropped).closed!.gap)).toBe(-15);
    expect(findings(dropped).map((f) => f.code)).not.toContain('stack-twice');
  });
  it('a reading that is not the part: 36 where 30 is stated gives out, 30.2 is thin, 30.1 is usual', () => {
    const verdict = (v: number) =>
      findings(taken(base, 'nut', { carriage: { measured: mm(v), doubt: mm(0.02) } })).find(
        (f) => f.code === 'stack-mismatch',
      )?.verdict;
    expect([verdict(36), verdict(30.2), verdict(30.1)]).toEqual(['gives-out', 'thin', undefined]);
  });
  it('a missing link and a missing figure are not known, and named', () => {
    const axis = taken(base, 'nut');
    const open = applyEdits(axis, [
      { path: 'fit.stack.links', value: axis.fit.stack.links.filter((l) => l.id !== 'block-step') as Plain },
    ]);
    expect(findings(open)[0]).toMatchObject({ verdict: 'not-known', params: { open: 1 } });
    const bare = applyEdits(axis, [putInAxis('drive.nominalDiameter', mm(17))]);
    expect(findings(bare)[0]).toMatchObject({ verdict: 'not-known', params: { missing: 'nut-face' } });
  });
  it('a figure that was typed without a tolerance has none: the gap is not known', () => {
    const typed = taken(base, 'nut', {
      'block-step': { drawn: null, plus: null, minus: null, published: mm(-15) },
    });
    expect(gapOf(typed).closed!.untold).toEqual(['block-step']);
    expect(findings(typed)[0]).toMatchObject({ verdict: 'not-known' });
  });
  it('two ways to one height that disagree fix it twice', () => {
    const axis = taken(base, 'nut');
    const again: StackLinkInput = {
      ...axis.fit.stack.links[0]!,
      id: 'ledge',
      name: 'Ledge',
      from: 'rail-seat',
      to: 'screw-axis',
      says: null,
      drawn: mm(26),
      plus: mm(0.1),
      minus: mm(0.1),
    };
    const links = [...axis.fit.stack.links, again];
    const found = findings(applyEdits(axis, [{ path: 'fit.stack.links', value: links as Plain }]));
    expect(found.find((f) => f.code === 'stack-loop')).toMatchObject({ verdict: 'gives-out' });
  });
  it('an axis of which nobody says anything costs nothing and finds nothing', () => {
    expect(stacksOf(base, silentWorksheet)).toEqual({ rows: [], gaps: [], loops: [] });
    expect(findings(base)).toEqual([]);
  });
});

describe('a nut that stands higher than its carriages', () => {
  const axis = (plate: string) =>
    applyEdits({ ...startingAxis('bed', 'a'), drive: startingDrive('screw', 0.5) }, [
      putInAxis('drive.nominalDiameter', guess('length', '16 mm')),
      putInAxis('guide.kind', 'profile'),
      putInAxis('guide.size', guess('length', '25 mm')),
      putInAxis('fit.mount.carriage', 'narrow'),
      putInAxis('guide.plate', { material: 'aluminium', thickness: guess('length', plate) }),
    ]);
  const nut = (of: Axis) => proposedStacks(of).find((p) => p.id === 'nut')!.gap;
  it('is let into a plate that is thick enough, with a slot as wide and long as its housing', () => {
    // Blocks of 25 and a housing of 20 make 45 over carriages of 40: 5 to take up.
    expect(nut(axis('12 mm'))).toMatchObject({ mend: 'slot' });
    expect(nut(axis('12 mm')).body.width!.si).toBeCloseTo(0.052, 9);
    expect(nut(axis('12 mm')).body.length!.si).toBeCloseTo(0.04, 9);
    // 8 less 5 leaves 3: too little, so a shim under carriages or blocks it is.
    expect(nut(axis('8 mm'))).toMatchObject({ mend: 'shim' });
  });
});
