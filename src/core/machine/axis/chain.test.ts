import { describe, expect, it } from 'vitest';
import { applyEdits, type Axis, guess, putInAxis, startingAxis, startingDrive } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { axisReport, chainOf } from '.';

const mm = (v: number) => guess('length', `${v} mm`);
type Path = Parameters<typeof putInAxis>[0];
const said = (axis: Axis, lengths: Partial<Record<Path, number | null>>): Axis =>
  applyEdits(
    axis,
    Object.entries(lengths).map(([path, v]) => ({ path, value: v === null ? null : mm(v!) })),
  );

/** Rail 1000, carriages over 180, a screw of 1105 between its blocks, nut 60. */
const screw = said(
  { ...startingAxis('bed', 'a'), drive: { ...startingDrive('screw', 1.1), sets: 1 } },
  {
    'guide.railLength': 1000,
    'guide.carriageSpan': 180,
    'guide.overhang': 0,
    'drive.betweenBearings': 1105,
    'fit.nut': 60,
    'demands.travel': 740,
  },
);
const ends = applyEdits(screw, [
  putInAxis('fit.ends.near.crash', mm(12)),
  putInAxis('fit.ends.far.crash', mm(12)),
  putInAxis('fit.scatter', mm(0.5)),
  putInAxis('fit.ends.near.margin', mm(4)),
  putInAxis('fit.ends.far.margin', mm(4)),
  putInAxis('fit.reaction', guess('time', '20 ms')),
  putInAxis('fit.housing', mm(78)),
  // Stops that stand well out: they bind nothing.
  putInAxis('fit.stops.near', mm(-150)),
  putInAxis('fit.stops.far', mm(-150)),
]);
const chain = (axis: Axis) => chainOf(axis, silentWorksheet);
const part = (axis: Axis, id: string) => chain(axis).parts.find((p) => p.id === id)!;
const finding = (axis: Axis) => axisReport(axis).findings.find((f) => f.code === 'chain-short');

describe('the travel chain of an axis', () => {
  it('of rail 820, thread 1035 and blocks 1021 the rail binds, with 201 to gain', () => {
    const { closed, parts } = chain(ends);
    expect(parts.map((p) => [p.id, Math.round(p.free * 1000)])).toEqual([
      ['rail', 820],
      ['stops', 1120],
      ['thread', 1035],
      ['blocks', 1021],
    ]);
    expect(closed).toMatchObject({ near: 'rail', far: 'rail', gain: { then: 'blocks' } });
    expect(closed!.gain!.by).toBeCloseTo(0.201, 9);
  });
  it('a rail 20 of 1000 has 17 holes, the first 20 from its ends; a screw adds up with its journals', () => {
    const { lengths } = chain(
      said(
        applyEdits(ends, [putInAxis('guide.kind', 'profile'), putInAxis('fit.mount.carriage', 'narrow')]),
        { 'guide.size': 20, 'fit.journals.drive': 70, 'fit.journals.far': 25 },
      ),
    );
    expect(lengths.railHoles).toEqual({ count: 17, end: expect.closeTo(0.02, 9), pitch: 0.06 });
    expect(lengths.screw).toBeCloseTo(1.2, 9);
    expect(lengths.belt).toBeNull();
  });
  it('takes from both ends crash zone, stop from rapid, spread and margin', () => {
    const {
      soft,
      ends: {
        near: { taken: end, stop },
        far,
      },
    } = chain(ends);
    expect(far.taken).toBe(end);
    const { rapid, acceleration } = ends.demands;
    expect(stop).toBeCloseTo(rapid.si * 0.02 + rapid.si ** 2 / (2 * acceleration.si), 9);
    expect(end).toBeCloseTo(0.0165 + stop, 9);
    expect(soft).toBeCloseTo(0.82 - 2 * end, 9);
  });
  it('a drive that is set to one side ends the travel there, and its nut off the middle with it', () => {
    // Rail from 90 to 910; thread from 40 + 35 on, and 60 nearer where the nut sits 60 further out.
    const placed = said(ends, { 'fit.driveStart': 80, 'fit.housing': null });
    expect(chain(placed).closed!.from).toBeCloseTo(0.115, 9);
    const off = said(placed, { 'fit.driveOffset': 60 });
    expect(chain(off).closed!.from).toBeCloseTo(0.09, 9);
    expect(chain(off).closed!.near).toBe('rail');
  });
  it('racks, belts and chains have theirs: teeth past the pitch point, pulleys and what runs between', () => {
    const on = (kind: 'rack' | 'belt' | 'chain') => ({ ...ends, drive: { ...startingDrive(kind, 0.8) } });
    const rack = said(on('rack'), { 'fit.rack': 900 });
    expect(part(rack, 'rack').free).toBeCloseTo(0.9 - 2 * 2.7475 * 0.0015 * (rackModule(rack) / 0.0015), 4);
    for (const kind of ['belt', 'chain'] as const) {
      const loop = said(on(kind), { 'drive.centreDistance': 1400, 'fit.clamp': 120 });
      expect(part(loop, 'loop')).toMatchObject({ path: 'drive.centreDistance' });
      expect(part(loop, 'loop').free).toBeLessThan(1.4 - 0.126);
      expect(chain(on(kind)).missing).toContain('fit.clamp');
    }
  });
  it('is silent before anybody began, not known while inputs lack, and says what gives then', () => {
    expect(finding(said(startingAxis('bed', 'a'), { 'guide.railLength': 700 }))).toBeUndefined();
    expect(finding(screw)).toMatchObject({ verdict: 'not-known', path: 'guide.railLength' });
    expect(finding(ends)).toBeUndefined();
    // The end of a rail is no stop, and a place counts from somewhere.
    const open = said(ends, { 'fit.stops.far': null });
    expect(finding(open)).toMatchObject({ verdict: 'not-known', params: { first: 'fit.stops.far' } });
    expect(chain(said(ends, { 'fit.driveStart': 0 })).missing).toEqual(['fit.driveOffset']);
    const asked = said(ends, { 'demands.travel': 800 });
    expect(finding(asked)).toMatchObject({ verdict: 'gives-out', params: { near: 'rail', far: 'rail' } });
  });
  it('each way out that is offered closes it, or says that less is asked', () => {
    const cases = [
      said(ends, { 'demands.travel': 800 }),
      said(ends, { 'demands.travel': 740, 'fit.driveStart': -250, 'fit.driveOffset': 0 }),
      said(ends, { 'fit.stops.near': 40, 'fit.stops.far': 40 }),
      said(ends, { 'fit.thread': 700 }),
    ];
    for (const axis of cases) {
      const { remedies, limit } = finding(axis)!;
      expect(remedies.length).toBeGreaterThan(0);
      for (const r of remedies) {
        const after = chain(applyEdits(axis, r.edits));
        const wanted = r.code === 'travel' ? 0 : limit;
        if (r.verdict === 'holds') expect(after.soft!).toBeGreaterThanOrEqual(wanted - 1e-9);
        else expect(after.soft!).toBeGreaterThan(chain(axis).soft!);
      }
    }
  });
});

const rackModule = ({ drive }: Axis) => (drive.kind === 'rack' ? drive.module.si : NaN);
