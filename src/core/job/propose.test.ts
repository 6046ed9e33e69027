import { describe, expect, it } from 'vitest';
import { BoxReader, type ProgramBox } from '@/core/gcode';
import { applyEdits, controllerClasses, estimate, type JobSaid, put, startingJob } from '@/core/model';
import { demoMachines } from '@/demo';
import { drivesOf } from './drives';
import { planningOf, setupOf, takingOf } from './propose';

const kayak = demoMachines()[0]!;
const drives = drivesOf(kayak);
const fresh = startingJob('j', 'Job', 'a'.repeat(64));

function boxOf(text: string): ProgramBox | null {
  const box = new BoxReader(takingOf('', fresh.takes));
  box.push(new TextEncoder().encode(text));
  return box.end();
}
const setup = (text: string, said: Partial<JobSaid> = {}) =>
  setupOf(kayak, drives, { ...fresh, ...said }, boxOf(text));
const travel = drives.map((d) => d!.travel);

describe('where a job lies', () => {
  it('on the stock of the brief, that in the middle; the highest move at the upper end', () => {
    const { nought, stock } = setup('G0 Z5\nG0 X100 Y100\nG1 Z-9 F300\nX900 Y2000\nG0 Z5');
    // Stock of 1250 by 2500 mm.
    expect(nought[0]).toBeCloseTo((travel[0]! - 1.25) / 2, 9);
    expect(nought[1]).toBeCloseTo((travel[1]! - 2.5) / 2, 9);
    expect(nought[2]).toBeCloseTo(travel[2]! - 0.005, 9);
    expect(stock).toEqual({
      low: [nought[0], nought[1]],
      high: [nought[0] + 1.25, nought[1] + 2.5],
      top: nought[2],
      thickness: 0.018000000000000002,
    });
  });
  it('what reaches farther than the stock lies in the middle; too long, beyond one end only', () => {
    const { nought } = setup('G1 X-700 Y0 F100\nX500');
    expect(nought[0]).toBeCloseTo((travel[0]! - 1.2) / 2 + 0.7, 9);
    expect(setup('G1 X0 Y0 F100\nX3000').nought[0]).toBe(0);
  });
  it('a program that stays above nought counts from the bed: the stock is as high as it is thick', () => {
    const thick = applyEdits(kayak, [put('brief.stock.thickness', estimate('length', '18 mm'))]);
    const box = boxOf('G0 Z30\nG1 Z9 F100\nX100\nG0 Z30');
    const { nought, stock } = setupOf(thick, drives, fresh, box);
    expect(stock!.top - nought[2]).toBeCloseTo(0.018, 9);
  });
  it('what is said stands, the rest is proposed', () => {
    const { nought, stock } = setup('G1 X100 Y100 F100', {
      nought: { x: estimate('length', '20 mm'), y: null, z: estimate('length', '2 in') },
      stock: { length: null, width: estimate('length', '300 mm'), top: estimate('length', '-1 mm') },
    });
    expect([nought[0], nought[2]]).toEqual([0.02, 0.0508]);
    expect(stock!.high[0] - stock!.low[0]).toBeCloseTo(0.3, 9);
    expect(stock!.top).toBeCloseTo(0.0498, 9);
  });
  it('drives of an axis that a G53 names do not move the work', () =>
    expect(boxOf('G53 G0 X900 Z0\nG0 X5 Y5')).toMatchObject({
      low: [0.005, 0.005, 0],
      high: [0.005, 0.005, 0],
    }));
});

describe('how it is run', () => {
  it('as the class usually does, unless something is said', () => {
    for (const of of controllerClasses)
      expect(planningOf(of, fresh.corner, fresh.takes).window).toBeGreaterThan(10);
    expect(planningOf('board-8', fresh.corner, fresh.takes)).toMatchObject({
      cornering: { kind: 'deviation', by: 20e-6 },
      window: 16,
    });
    const said = {
      way: 'overlap',
      by: estimate('length', '0.1 mm'),
      ahead: estimate('count', '50'),
    } as const;
    expect(planningOf('board-8', said, fresh.takes)).toMatchObject({
      cornering: { kind: 'overlap', by: 1e-4 },
      window: 50,
    });
    expect(planningOf('', { ...said, way: 'stop' }, fresh.takes).cornering).toEqual({ kind: 'stop' });
    // Rapids of old closed controls bend; one who knows better says so.
    expect(planningOf('closed', fresh.corner, fresh.takes).bent).toBe(true);
    expect(planningOf('closed', fresh.corner, { rapid: 'straight' }).bent).toBe(false);
    expect(planningOf('parallel', fresh.corner, { rapid: 'bent' })).toMatchObject({ bent: true, chord: 0 });
    expect(takingOf('closed', fresh.takes)).toMatchObject({ dwell: 'milliseconds', tool: 'T' });
    expect(takingOf('closed', { ...fresh.takes, dwell: 'seconds', motion: 'none' })).toMatchObject({
      dwell: 'seconds',
      motion: null,
    });
  });
  it('tools make the cuts that are said of them; one that is gone is none', () => {
    const [first, second] = kayak.brief.cuts;
    const tools = [
      { id: 'a', number: 3, cut: second!.id },
      { id: 'b', number: 4, cut: 'gone' },
    ];
    const { tools: found, cutId } = setup('', { tools, cut: 'gone' });
    expect([...found]).toEqual([[3, second!.id]]);
    expect(cutId).toBe(first!.id);
  });
});
