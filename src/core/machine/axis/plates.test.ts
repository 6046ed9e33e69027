import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { insideOutline } from '@/core/fit';
import {
  applyEdits,
  type Axis,
  axisIssues,
  type Edit,
  guess,
  type Plain,
  type PlateInput,
  putInAxis,
  startingAxis,
  startingDrive,
} from '@/core/model';
import { axisReport, platesOf, proposedPlates } from '.';

const mm = (v: number) => guess('length', `${v} mm`);
const said = (axis: Axis, ...edits: readonly Edit[]) => applyEdits(axis, edits);

/** Ball screw 16 on narrow profile rails 15, two carriages a rail. */
const base = said(
  { ...startingAxis('plunge', 'a'), drive: startingDrive('screw', 0.2) },
  putInAxis('drive.nominalDiameter', mm(16)),
  putInAxis('drive.rootDiameter', mm(12.9)),
  putInAxis('guide.kind', 'profile'),
  putInAxis('guide.size', mm(15)),
  putInAxis('guide.carriageLength', mm(61)),
  putInAxis('guide.carriageSpan', mm(200)),
  putInAxis('guide.spacing', mm(140)),
  putInAxis('guide.driveY', mm(0)),
  putInAxis('fit.mount.carriage', 'narrow'),
  putInAxis('fit.mount.row', 'short'),
  putInAxis('fit.mount.nut', 'housing'),
);
const withPlates = (axis: Axis): Axis => {
  const plates = proposedPlates(axis).map((seed): PlateInput => ({
    ...seed,
    name: seed.kind,
    groups: seed.groups.map((g) => ({ ...g, name: g.joins })),
  }));
  return applyEdits(axis, [{ path: 'fit.plates', value: plates as Plain }]);
};
const made = withPlates(base);
const plate = (axis: Axis, kind = 'carriage') => platesOf(axis).find((p) => p.input.kind === kind)!;
const finding = (axis: Axis, code: string) => axisReport(axis).findings.find((f) => f.code === code);
const millimetres = (v: number) => Number((v * 1000).toFixed(3));

describe('plates out of the parts', () => {
  it('are proposed once each, and could be typed', () => {
    expect(proposedPlates(base).map((p) => p.kind)).toEqual(['carriage', 'motor', 'end']);
    expect(proposedPlates(made)).toEqual([]);
    expect(axisIssues(made)).toEqual([]);
  });
  it('the saddle is as long as the span of its carriages, as wide as rails and a carriage', () => {
    const { along, across, thickness } = plate(made);
    expect([along, across].map(millimetres)).toEqual([200, 174]);
    expect(millimetres(thickness!)).toBe(12);
  });
  it('has 26 x 26 at four carriages 15: the first hole 17.5 and 4 from the corner', () => {
    const [carriages, nut] = plate(made).groups;
    expect(carriages!.holes).toHaveLength(16);
    const first = carriages!.holes[0]!;
    // The carriage stands flush: its middle is 30.5 in; 13 less is 17.5. Its rail stands 17 in.
    expect([first.x, first.y].map(millimetres)).toEqual([17.5, 4]);
    expect([first.diameter, first.bore!.diameter].map(millimetres)).toEqual([4.5, 8]);
    expect(nut!.holes.map((h) => [h.x, h.y].map(millimetres))).toEqual([
      [88, 67],
      [88, 107],
      [112, 67],
      [112, 107],
    ]);
  });
  it('a motor plate has the square of its face and its pilot', () => {
    const motor = said(made, putInAxis('parts', { stepper: 'stepper-23-3-1_8' }));
    const { holes, along } = plate(motor, 'motor');
    expect(holes.map((h) => millimetres(h.diameter))).toEqual([5.5, 5.5, 5.5, 5.5, 38.1]);
    expect(millimetres(holes[2]!.x - holes[0]!.x)).toBe(47.14);
    expect(millimetres(along)).toBe(78);
  });
  it('what no table knows is missing and said, never guessed', () => {
    const open = said(made, putInAxis('fit.mount.carriage', null));
    expect(plate(open).missing).toContain('A');
    expect(plate(made, 'motor').missing).toEqual(['A']);
  });
  it('one drawing serves for both sides where it lies evenly', () => {
    expect(plate(made).mirrors).toBe(true);
    expect(plate(said(made, putInAxis('fit.driveOffset', mm(12)))).mirrors).toBe(true);
    const aside = said(made, putInAxis('fit.driveOffset', mm(12)), putInAxis('guide.driveY', mm(9)));
    expect(plate(aside).mirrors).toBe(false);
  });
});

describe('what is wrong with a plate', () => {
  it('a long miniature carriage on a plate for short ones: 5 mm, all holes miss by 2.5', () => {
    const mini = said(
      base,
      putInAxis('guide.kind', 'miniature'),
      putInAxis('guide.size', mm(15)),
      putInAxis('guide.carriageLength', mm(59)),
    );
    const found = finding(withPlates(mini), 'plate-pattern')!;
    expect(found).toMatchObject({ verdict: 'gives-out', params: { from: 'length', along: 0.02 } });
    expect(millimetres(found.value)).toBe(2.5);
    // M3 in 3.4 lets 0.2.
    expect(millimetres(found.limit)).toBe(0.2);
    const mended = applyEdits(withPlates(mini), found.remedies.find((r) => r.code === 'other-row')!.edits);
    expect(finding(mended, 'plate-pattern')).toBeUndefined();
    expect(millimetres(plate(mended).groups[0]!.holes[2]!.x - plate(mended).groups[0]!.holes[0]!.x)).toBe(25);
  });
  it('a pattern read on the part in hand beats the list, and can be drawn', () => {
    const read = said(made, putInAxis('fit.plates.0.groups.1.hand.along' as 'fit.nut', mm(26)));
    const found = finding(read, 'plate-pattern')!;
    expect(millimetres(found.value)).toBe(1);
    const mended = applyEdits(read, found.remedies.find((r) => r.code === 'as-in-hand')!.edits);
    expect(axisIssues(mended)).toEqual([]);
    expect(finding(mended, 'plate-pattern')).toBeUndefined();
  });
  it('holes 4 from the edge of aluminium want 9: thin, and a wider plate mends it', () => {
    const found = finding(made, 'plate-edge')!;
    expect(found).toMatchObject({ verdict: 'thin' });
    expect([found.value, found.limit].map(millimetres)).toEqual([4, 9]);
    const remedy = found.remedies.find((r) => r.code === 'larger-plate')!;
    expect(remedy.params.side).toBe('across');
    expect(finding(applyEdits(made, remedy.edits), 'plate-edge')).toBeUndefined();
  });
  it('M4 out of a counterbored plate of 12 into 5 of thread: 12 goes 4.4 in; at 14 none fits', () => {
    const screw = (thick: number) =>
      plate(said(made, putInAxis('fit.plates.0.thickness' as 'fit.nut', mm(thick)))).groups[0]!.screw;
    expect(screw(12)).toMatchObject({ fits: true, length: 0.012 });
    // 14 - 4.4 = 9.6: 12 holds 2.4, 16 goes 6.4 into 5.
    expect(screw(14)).toMatchObject({ fits: false, length: 0.016 });
    const found = finding(
      said(made, putInAxis('fit.plates.0.thickness' as 'fit.nut', mm(14))),
      'plate-bottom',
    )!;
    expect([found.value, found.limit].map(millimetres)).toEqual([6.4, 5]);
    const spacer = found.remedies.find((r) => r.code === 'spacer-under')!;
    expect(millimetres(Number(spacer.params.by))).toBe(1.4);
  });
  it('M5 wants 7.5 of thread in aluminium, 12.5 in plastic: a tapped plate of 6 has too little', () => {
    const short = (thick: number, material: string) =>
      finding(
        said(
          made,
          putInAxis('fit.plates.2.thickness' as 'fit.nut', mm(thick)),
          putInAxis('fit.plates.2.groups.0.clamps' as 'fit.nut', mm(10)),
          { path: 'fit.plates.2.material', value: material },
        ),
        'plate-short',
      );
    expect(short(6, 'aluminium')).toMatchObject({ verdict: 'thin' });
    expect(millimetres(short(6, 'aluminium')!.limit)).toBe(7.5);
    expect(short(12, 'aluminium')).toBeUndefined();
    expect(millimetres(short(12, 'petg')!.limit)).toBe(12.5);
  });
  it('a hole of 4.5 in 12 of plate is no hole for plasma; drilled it is', () => {
    const plasma = said(made, { path: 'fit.plates.0.made', value: 'plasma' });
    const found = finding(plasma, 'plate-made')!;
    expect(millimetres(found.limit)).toBe(24);
    const mended = applyEdits(plasma, found.remedies.find((r) => r.params.made === 'drill')!.edits);
    expect(finding(mended, 'plate-made')).toBeUndefined();
  });
  it('heads of the nut under a carriage on the same face are named', () => {
    const back = said(
      made,
      { path: 'fit.plates.0.groups.1.face', value: 'back' },
      putInAxis('guide.driveY', mm(60)),
      putInAxis('fit.driveOffset', mm(-60)),
    );
    expect(finding(back, 'plate-head')).toMatchObject({ params: { under: 'nut' }, verdict: 'thin' });
    expect(finding(made, 'plate-head')).toBeUndefined();
  });
});

describe('any plate', () => {
  const drawn = fc.record({
    span: fc.integer({ min: 130, max: 600 }),
    spacing: fc.integer({ min: 60, max: 500 }),
    offset: fc.integer({ min: -20, max: 20 }),
    side: fc.integer({ min: -20, max: 20 }),
  });
  const axisOf = ({
    span,
    spacing,
    offset,
    side,
  }: {
    span: number;
    spacing: number;
    offset: number;
    side: number;
  }) =>
    said(
      made,
      putInAxis('guide.carriageSpan', mm(span)),
      putInAxis('guide.spacing', mm(spacing)),
      putInAxis('fit.driveOffset', mm(offset)),
      putInAxis('guide.driveY', mm(side)),
    );
  it('has no hole outside of it that is not said', () => {
    fc.assert(
      fc.property(drawn, (d) => {
        const axis = axisOf(d);
        const { holes, outline } = plate(axis);
        const out = holes.filter((h) => !insideOutline(h, outline));
        const found = finding(axis, 'plate-edge');
        if (out.length) expect(found?.verdict).toBe('gives-out');
        else expect(found?.verdict ?? 'holds').not.toBe('gives-out');
      }),
      { numRuns: 60 },
    );
  });
  it('of a mirrored axis has the mirrored holes', () => {
    fc.assert(
      fc.property(drawn, (d) => {
        const [a, b] = [plate(axisOf(d)), plate(axisOf({ ...d, side: -d.side }))];
        const at = (holes: typeof a.holes, flip: boolean) =>
          holes
            .map(
              (h) =>
                `${millimetres(h.x)} ${millimetres(flip ? a.across - h.y : h.y)} ${h.diameter} ${h.face}`,
            )
            .sort();
        expect(at(b.holes, false)).toEqual(at(a.holes, true));
      }),
      { numRuns: 60 },
    );
  });
});
