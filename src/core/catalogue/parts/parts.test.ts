import { describe, expect, it } from 'vitest';
import { applyEdits, axisIssues, fieldRuleAt, startingAxis } from '@/core/model';
import { axisReport } from '@/core/machine';
import { demoAxis } from '@test/helpers/demo';
import {
  choicesAt,
  columnsOf,
  families,
  familiesOf,
  familyById,
  partFault,
  partFaults,
  partsIn,
  swapEdits,
} from '..';

const value = (family: string, part: string, path: string) =>
  familyById(family)!.parts.find((p) => p.id === part)!.values[path];

describe('the catalogue', () => {
  it('has every family that was asked for, each row with a source and an example price', () => {
    for (const id of [
      'ball-screw',
      'acme-screw',
      'trapezoidal-screw',
      'rack',
      'pinion',
      'planetary-reducer',
      'belt',
      'pulley',
      'chain',
      'sprocket',
      'stepper',
      'closed-loop-stepper',
      'servo',
      'driver',
      'supply',
      'controller',
      'profile-rail',
      'miniature-rail',
      'supported-rail',
      'round-rod',
      'wheel',
      'end-bearing',
      'coupling',
      'tube-bearing',
      'belt-stage',
      'geared-motor',
    ])
      expect(familyById(id)?.parts.length, id).toBeGreaterThan(2);
    for (const f of families) {
      expect(new Set(f.parts.map((p) => p.id)).size).toBe(f.parts.length);
      for (const p of f.parts) {
        expect(p.source.length, p.name).toBeGreaterThan(5);
        expect(p.price!).toBeGreaterThanOrEqual(0);
      }
    }
    expect(familyById('stepper')!.parts.length).toBeGreaterThanOrEqual(20);
    expect(new Set(families.map((f) => f.link)).size).toBe(9);
  });
  it.each(families.map((f) => [f.id, f] as const))(
    '%s: every part reads, is in range, and can be put into any axis; its report has no hole',
    (_id, family) => {
      for (const axis of [startingAxis('bed', 'a'), demoAxis('gantry')])
        for (const part of family.parts) {
          expect(
            partFault(family, {
              name: part.name,
              values: part.values,
              price: String(part.price ?? ''),
              onHand: '0',
            }),
            part.name,
          ).toBeUndefined();
          const changed = applyEdits(axis, swapEdits(axis, family, part));
          expect(changed.parts[family.id]).toBe(part.id);
          // A rule between this part and the rest of the axis may refuse it; then it names both.
          for (const issue of axisIssues(changed))
            expect(
              [
                'voltage-above-driver',
                'current-above-driver',
                'travel-beyond-line',
                'loose-free-screw',
                'carriages-overlap',
                'segment-not-whole',
              ],
              `${part.name}: ${JSON.stringify(issue)}`,
            ).toContain(issue.code);
          if (axisIssues(changed).length === 0)
            expect(JSON.stringify(axisReport(changed, { remedies: false }).ladder)).not.toContain('null');
        }
    },
  );
  it('chains by ISO 606: pitch and tensile strength of 04B, 05B, 06B and 08B', () => {
    for (const [size, pitch, strength] of [
      ['04b', '6 mm', '3 kN'],
      ['05b', '8 mm', '4.4 kN'],
      ['06b', '9.525 mm', '8.9 kN'],
      ['08b', '12.7 mm', '17.8 kN'],
    ] as const)
      expect([
        value('chain', `chain-${size}`, 'drive.pitch'),
        value('chain', `chain-${size}`, 'drive.breakingLoad'),
      ]).toEqual([pitch, strength]);
  });
  it('a part keeps where it stands, forgets what the old one said, and marks what a standard fixes', () => {
    const axis = demoAxis('gantry');
    const family = familyById('ball-screw')!;
    const { drive } = applyEdits(
      axis,
      swapEdits(
        axis,
        family,
        family.parts.find((p) => p.name.includes('25 mm × 5 mm'))!,
      ),
    );
    if (drive.kind !== 'screw') throw new Error('no screw');
    expect(drive.betweenBearings).toEqual(axis.drive.betweenBearings);
    expect([drive.nominalDiameter.basis, drive.rootDiameter.basis]).toEqual(['standard', 'estimate']);
    expect(drive.screwInertia).toBeNull();
    const rack = familyById('rack')!;
    expect(applyEdits(axis, swapEdits(axis, rack, rack.parts[0]!)).drive.kind).toBe('rack');
  });
  it('a measured pull on the old guide goes with the guide', () => {
    const axis = demoAxis('bed');
    const rail = familyById('profile-rail')!;
    expect(applyEdits(axis, swapEdits(axis, rail, rail.parts[0]!)).loads.guideDrag).toBeNull();
  });
  it('an own part that states one figure only leaves the rest at usual figures, and the axis whole', () => {
    for (const [id, values] of [
      ['planetary-reducer', { 'reducer.ratio': '4' }],
      ['stepper', { 'motor.holdingTorque': '2 N·m' }],
      ['servo', { 'motor.ratedTorque': '1 N·m' }],
    ] as const) {
      const changed = applyEdits(
        demoAxis('gantry'),
        swapEdits(demoAxis('gantry'), familyById(id)!, {
          id: 'o',
          name: 'Own',
          values,
          source: 'own',
          price: null,
        }),
      );
      expect(axisIssues(changed)).toEqual([]);
      expect(axisReport(changed, { remedies: false }).ladder.every((r) => Number.isFinite(r.limit))).toBe(
        true,
      );
    }
  });
  it('own parts stand first among their family, and are refused by field, reading and wish', () => {
    const stepper = familyById('stepper')!;
    const own = {
      id: 'x',
      family: 'stepper',
      name: 'Mine',
      values: { 'motor.holdingTorque': '428 oz-in' },
      price: null,
      onHand: 2,
      note: '',
    };
    expect(partsIn(stepper, [own])[0]!.name).toBe('Mine');
    const fault = (change: object) =>
      partFault(stepper, { name: 'Mine', values: own.values, price: '', onHand: '2', ...change });
    expect(fault({})).toBeUndefined();
    expect(fault({ name: ' ' })).toMatchObject({ field: 'name' });
    expect(fault({ values: { 'motor.holdingTorque': '3 mm' } })).toMatchObject({
      field: 'motor.holdingTorque',
      read: '3 mm',
    });
    expect(fault({ values: { 'motor.holdingTorque': '-1 N·m' } })).toMatchObject({
      wanted: { is: 'range' },
    });
    expect(fault({ values: { 'drive.lead': '5 mm' } })).toMatchObject({ field: 'drive.lead' });
    expect(fault({ values: { 'motor.loop': 'sideways' } })).toMatchObject({ field: 'motor.loop' });
    expect(fault({ values: { 'motor.holdingTorque': `${'0'.repeat(90)}1 N·m` } })).toMatchObject({
      wanted: { is: 'letters', most: 80 },
    });
    expect(fault({ values: {} })).toBeDefined();
    expect(fault({ price: 'dear' })).toMatchObject({ field: 'price' });
    expect(fault({ onHand: '1.5' })).toMatchObject({ field: 'onHand' });
    for (const path of columnsOf(stepper))
      expect(fieldRuleAt(path) !== undefined || path === 'motor.loop').toBe(true);
    expect(familiesOf('motor').map((f) => f.id)).toContain('servo');
  });
});

describe('a part that is typed', () => {
  const carriages = familyById('profile-rail')!;
  it('may be rated for 50 km or for 100 km, though those of the list are for 50', () => {
    expect(choicesAt(carriages, 'guide.ratingBasis')).toEqual(['50', '100']);
    expect(choicesAt(carriages, 'guide.dynamicRating')).toEqual([]);
  });
  it('is told all that is wrong with it, in the order of its fields', () => {
    const stepper = familyById('stepper')!;
    const values = {
      'motor.holdingTorque': 'strong',
      'motor.ratedCurrent': '2 A',
      'motor.inductance': '3 mm',
    };
    const faults = partFaults(stepper, { name: '', values, price: 'cheap', onHand: '1.5' });
    expect(faults.map((f) => f.field)).toEqual([
      'name',
      'motor.holdingTorque',
      'motor.inductance',
      'price',
      'onHand',
    ]);
  });
});
