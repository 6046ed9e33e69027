import { describe, expect, it } from 'vitest';
import { materials } from '@/core/catalogue';
import { beginMachine } from '@/core/machine';
import { change, guess, type Project, put } from '@/core/model';
import { propertiesOf } from '@/core/sections';
import { demoMachines } from '@/demo';
import { type SchoolId, schoolIds, type SchoolAnswer, schoolSides, schoolSteps, variantFigures } from '.';
import { beamOf } from './beam-of';

const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];

const names = (role: string) => ({ axis: `${role} axis`, body: 'all' });

function told(project: Project, school: SchoolId) {
  const steps = schoolSteps(project, school);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
const answerOf = (project: Project, school: SchoolId) => told(project, school) as SchoolAnswer;
const sideOf = (answer: SchoolAnswer, side: string) => answer.sides.find((s) => s.side === side)!;

/** Quarrels that look through no catalogue. */
const quick = schoolIds.filter((s) => !['screw-rack', 'belt', 'stepper-servo'].includes(s));

describe('the schools with the numbers of a machine', () => {
  it('every side is the whole machine with its edits, by the full report', () => {
    for (const machine of [kayak, gate, scenery])
      for (const school of quick) {
        const answer = told(machine, school);
        if (typeof answer === 'string') continue;
        expect(answer.sides.map((s) => s.side)).toEqual(schoolSides[school]);
        for (const { edits, figures, outlook } of answer.sides) {
          if (outlook) continue;
          const made = change(machine, edits);
          expect(made.ok && variantFigures(made.project)).toEqual(figures);
        }
      }
  });

  it('the cheapest of each kind of drive that holds, or by what all of it went', () => {
    const answer = answerOf(kayak, 'screw-rack');
    expect(answer.axisId).toBe('bed');
    for (const side of ['screw', 'rack'] as const) {
      const { edits, figures } = sideOf(answer, side);
      const made = change(kayak, edits);
      if (!made.ok) throw new Error(side);
      expect(made.project.axes.find((a) => a.id === 'bed')!.drive.kind).toBe(side);
      expect(variantFigures(made.project)).toEqual(figures);
      // What its drive train decides holds; the rest of the machine is as it was.
      const codes = figures!.findings.filter((f) => f.axisId === 'bed' && f.verdict === 'gives-out');
      expect(codes.map((f) => f.code)).not.toContain('whip');
      expect(codes.map((f) => f.code)).not.toContain('torque-rapid');
    }
    const belt = sideOf(answer, 'belt');
    expect(belt).toMatchObject({ figures: null, edits: [] });
    expect(belt.killed['belt-pull']).toBeGreaterThan(1000);
  }, 120_000);

  it('a wide gantry that is pushed on one side gives many times more along the bed', () => {
    const answer = answerOf(kayak, 'one-two');
    const along = (side: string) =>
      sideOf(answer, side).figures!.effects.find((e) => e.key === 'stiffness:x')!.value;
    expect(along('two') / along('one')).toBeGreaterThan(3);
  });

  it('the dial read as RMS is a crest √2 higher: twice the heat of the windings (I²R)', () => {
    const answer = answerOf(kayak, 'crest-rms');
    const heats = (side: string) => sideOf(answer, side).facts.filter((f) => f.id === 'winding-heat');
    expect(heats('crest').length).toBeGreaterThan(1);
    heats('crest').forEach(({ value }, i) => expect(heats('rms')[i]!.value / value).toBeCloseTo(2, 6));
  });

  it('beside a full slot the two ways differ: climbing pulls along, conventional pushes off', () => {
    const at = kayak.brief.cuts.findIndex((c) => c.kind === 'mill');
    const cut = kayak.brief.cuts[at]!;
    if (cut.kind !== 'mill') throw new Error('none is milled');
    const narrow = change(kayak, [put(`brief.cuts.${at}.width`, guess('length', '1 mm'))]);
    if (!narrow.ok) throw new Error('refused');
    const only = {
      ...narrow.project,
      brief: { ...narrow.project.brief, cuts: [narrow.project.brief.cuts[at]!] },
    };
    const { sides } = answerOf(only, 'climb');
    expect(sides[0]!.facts.map((f) => f.value)).not.toEqual(sides[1]!.facts.map((f) => f.value));
    const slot = { ...only, brief: { ...only.brief, cuts: [{ ...cut, width: cut.diameter }] } };
    const both = answerOf(slot, 'climb').sides;
    both[0]!.facts.forEach(({ value }, i) => expect(value / both[1]!.facts[i]!.value).toBeCloseTo(1, 3));
  });

  it('says why a quarrel does not touch a machine', () => {
    expect(told(gate, 'climb')).toBe('no-cut');
    const bare = beginMachine('x', '2026-11-29T10:00:00.000Z', 'Machine', names);
    expect(told(bare, 'material')).toBe('no-frame');
    const cranked = { ...kayak, axes: kayak.axes.map((a) => ({ ...a, motor: { ...gate.axes[0]!.motor } })) };
    expect(told({ ...cranked, axes: [] } as unknown as Project, 'crest-rms')).toBe('no-stepper');
    expect(told({ ...cranked, axes: [] } as unknown as Project, 'one-two')).toBe('no-axis');
    expect(told({ ...cranked, axes: [] } as unknown as Project, 'true')).toBe('no-rails');
  });

  it('beams of all materials have one outside and one mass, as far as the outside allows', () => {
    const beam = kayak.structure!.beam;
    const perMetre = (b: typeof beam) => propertiesOf(b.section).area * materials[b.material].density;
    for (const material of ['steel', 'aluminium'] as const)
      expect(perMetre(beamOf(beam, material)) / perMetre(beam)).toBeCloseTo(1, 2);
    const steel = {
      ...beam,
      material: 'steel' as const,
      section: {
        kind: 'rect-tube' as const,
        height: guess('length', '80 mm'),
        width: guess('length', '40 mm'),
        wall: guess('length', '5 mm'),
        making: 'sharp' as const,
      },
    };
    expect(beamOf(steel, 'steel').section).toMatchObject({ kind: 'rect-tube', wall: { typed: '5.00 mm' } });
    // 1100 mm² of steel would be 13,000 mm² of plywood, more than there is inside: it is solid, and lighter.
    const wood = beamOf(steel, 'birch-plywood');
    expect(wood.section.kind).toBe('bar');
    expect(perMetre(wood)).toBeLessThan(perMetre(steel));
    const round = {
      kind: 'round-tube' as const,
      diameter: guess('length', '60 mm'),
      wall: guess('length', '3 mm'),
    };
    expect(beamOf({ ...steel, section: round }, 'steel').section).toMatchObject({
      height: { typed: '60.00 mm' },
    });
  });
});
