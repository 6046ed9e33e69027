import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Edit,
  guess,
  type Project,
  projectIssues,
  type SpindleBelt,
  startingBody,
  startingProject,
  startingShape,
  startingSpindle,
  startingSpindleBelt,
  startingStructure,
} from '@/core/model';
import { anyEdit, gate, kayak, scenery } from '@test/helpers/machines';
import { machineChecks, machineReport } from '..';

/** The spindle of the demo behind a belt. */
const belted = (belt: Partial<SpindleBelt>) => [
  anyEdit('brief.spindle', { ...startingSpindle(), belt: { ...startingSpindleBelt(), ...belt } }),
];

/** Machines of which each shows one finding of the whole. */
const shown: readonly (readonly [string, Project, readonly Edit[]])[] = [
  ['area-short', kayak, [anyEdit('brief.area.width', guess('length', '1400 mm'))]],
  [
    'reach-short',
    gate,
    [
      anyEdit('axes.0.fit.reach.start', guess('length', '900 mm')),
      anyEdit('axes.0.fit.reach.length', guess('length', '1550 mm')),
    ],
  ],
  ['table-bed', kayak, [anyEdit('brief.arrangement', 'moving-table'), anyEdit('axes.0.role', 'table')]],
  ['spindle-short', kayak, [anyEdit('brief.spindle.power', guess('power', '200 W'))]],
  ['spindle-slow', kayak, belted({ topSpeed: guess('angularSpeed', '5000 rpm') })],
  ['belt-rim', kayak, belted({})],
  ['belt-wrap', kayak, belted({ motorPulley: guess('length', '300 mm'), centre: guess('length', '200 mm') })],
  ['spindle-bearing', kayak, belted({ bearing: 'insert', bearingDiameter: guess('length', '40 mm') })],
  ['belt-length', kayak, belted({ beltLength: guess('length', '900 mm') })],
  ['chip-rubs', kayak, [anyEdit('brief.cuts.2.feed', guess('speed', '0.1 m/min'))]],
  [
    'chip-thick',
    kayak,
    [
      anyEdit('brief.cuts.0.feed', guess('speed', '14 m/min')),
      anyEdit('axes.0.demands.rapid', guess('speed', '20 m/min')),
    ],
  ],
  [
    'climb-play',
    kayak,
    [
      anyEdit('axes.1.drive.play', guess('length', '0.4 mm')),
      anyEdit('axes.1.drive.thread.preload', guess('force', '0 N')),
    ],
  ],
  ['cut-faster', kayak, [anyEdit('brief.cuts.0.feed', guess('speed', '9 m/min'))]],
  ['corner-slow', kayak, [anyEdit('brief.cuts.0.corner', guess('length', '2 mm'))]],
  ['passes-between', kayak, []],
  ['passes-under', kayak, [anyEdit('passing.under', guess('length', '20 mm'))]],
  ['cuts-through', kayak, [anyEdit('passing.tipDown', guess('length', '4 mm'))]],
  ['sticks-out', kayak, [anyEdit('passing.stickOut', guess('length', '1 mm'))]],
  ['both-reach', kayak, [anyEdit('passing.second', guess('length', '120 mm'))]],
  ['room', kayak, [anyEdit('brief.place.length', guess('length', '3 m'))]],
  ['door', kayak, [anyEdit('brief.place.door', guess('length', '0.8 m'))]],
  ['bench', kayak, [anyEdit('brief.place.bench', guess('length', '0.8 m'))]],
  ['floor', kayak, [anyEdit('brief.place.floorLoad', guess('mass', '200 kg'))]],
  ['power-short', kayak, [anyEdit('brief.power', guess('power', '2 kW'))]],
  ['over-budget', kayak, [anyEdit('brief.budget', 500)]],
  ['rocks', kayak, [anyEdit('stand', [])]],
  ['tips', kayak, [anyEdit('structure.feet.across', guess('length', '80 mm'))]],
  ['creeps', kayak, [anyEdit('structure.beam.material', 'petg')]],
  ['accuracy', kayak, [anyEdit('brief.accuracy', guess('length', '0.05 mm'))]],
  ['sag-spread', kayak, [anyEdit('brief.accuracy', guess('length', '0.02 mm'))]],
  ['frame-rings', kayak, [anyEdit('axes.0.demands.acceleration', guess('acceleration', '20 m/s²'))]],
  ['plasma-reach', gate, [anyEdit('axes.0.controller.pulseLimit', guess('pulseRate', '0.5 kHz'))]],
  ['plasma-slow', gate, []],
  ['frame-unknown', startingProject('p', '2026-01-01T00:00:00Z'), []],
];

describe('findings of a whole machine', () => {
  const all = [kayak, gate, scenery].map((m) => ({ m, r: machineReport(m, { flex: true }) }));
  it('what sags or bends too much is offered changes of the frame, each solved', () => {
    const cutter = all[2]!.r.findings;
    expect(cutter.find((f) => f.code === 'sag-spread')!.remedies[0]).toMatchObject({
      code: 'prop',
      verdict: 'holds',
    });
    for (const f of cutter.filter((g) => g.code === 'accuracy' && g.verdict === 'gives-out')) {
      expect(f.remedies.length).toBeGreaterThan(1);
      for (const r of f.remedies) expect(r.becomes!).toBeLessThan(f.value);
    }
  });
  it.each(shown)('%s is found where it is', (code, machine, edits) => {
    const report = machineReport(applyEdits(machine, edits), { flex: true });
    expect(report.findings.map((f) => f.code)).toContain(code);
  });
  it('every check of the machine is one that some machine here shows', () => {
    const codes: readonly string[] = shown.map(([code]) => code);
    expect(machineChecks.map((c) => c.code).filter((c) => !codes.includes(c))).toEqual([]);
  });
  it('thick plate may be slow', () => {
    const codes = machineReport(gate).findings.filter((f) => f.code === 'plasma-slow');
    expect(codes.map((f) => f.params.cut)).toEqual(['Leaves, 1 mm sheet']);
  });
  it('an error budget adds up both ways and names what is missing', () => {
    for (const { r } of all)
      for (const e of r.errors) {
        const known = e.shares.flatMap((s) => s.value ?? []);
        expect(e.worst).toBeCloseTo(
          known.reduce((s, v) => s + v, 0),
          12,
        );
        expect(e.likely).toBeLessThanOrEqual(e.worst + 1e-15);
        expect(e.likely ** 2).toBeCloseTo(
          known.reduce((s, v) => s + v * v, 0),
          15,
        );
        expect(e.missing).toBe(e.shares.filter((s) => s.value === null).length);
      }
  });
  it('cautions stand where they belong', () => {
    const codes = (i: number) => all[i]!.r.cautions.map((c) => c.code);
    expect(codes(0)).toEqual(
      expect.arrayContaining(['lifting', 'falling-axis', 'spindle', 'mains', 'pinch']),
    );
    expect(codes(1)).toContain('plasma');
    expect(codes(2)).not.toContain('plasma');
  });
  it('a machine of which nobody has said what it stands on does not hold: it is not known', () => {
    const begun = machineReport(startingProject('p', '2026-01-01T00:00:00Z'), { flex: true });
    expect(begun.verdict).toBe('not-known');
    expect(begun.findings.map((f) => [f.code, f.verdict])).toEqual([['frame-unknown', 'not-known']]);
    const planned = machineReport(kayak, { flex: true }).findings;
    expect(planned.map((f) => f.code)).not.toContain('frame-unknown');
  });
  it('says what comes next', () => {
    expect(machineReport(startingProject('p', '2026-01-01T00:00:00Z')).next.code).toBe('say-area');
    expect(all[0]!.r.next).toEqual({ code: 'mend-axis', axisId: 'bed' });
  });
});

describe('rules of the machine', () => {
  it.each([
    ['rides-on-itself', [anyEdit('axes.0.carriedBy', 'plunge')]],
    ['rides-on-nothing', [anyEdit('axes.1.carriedBy', 'ghost')]],
    ['nothing-moves', [anyEdit('axes.2.loads.masses', [])]],
    ['wider-than-cutter', [anyEdit('brief.cuts.0.width', guess('length', '8 mm'))]],
    [
      'prop-beyond-beam',
      [anyEdit('structure.prop', { at: guess('length', '3 m'), stiffness: guess('stiffness', '20 N/µm') })],
    ],
    [
      'no-room-inside',
      [
        anyEdit('structure.beam.section', {
          kind: 'rect-tube',
          height: guess('length', '40 mm'),
          width: guess('length', '40 mm'),
          wall: guess('length', '20 mm'),
          making: 'cold',
        }),
      ],
    ],
    [
      'no-room-inside',
      [
        anyEdit('stand', [
          {
            ...startingBody('x', 'x', startingShape('member')),
            shape: {
              ...startingShape('member'),
              section: {
                kind: 'round-tube',
                diameter: guess('length', '10 mm'),
                wall: guess('length', '6 mm'),
              },
            },
          },
        ]),
      ],
    ],
  ] as const)('%s is refused with the place and the reason', (code, edits) => {
    const [issue] = projectIssues(applyEdits(kayak, edits));
    expect(issue).toMatchObject({ code });
    // The words of every rule are complete: see the words' own test.
    expect(issue!.path.length).toBeGreaterThan(0);
  });
  it('every structure to start from stands, whatever the arrangement', () => {
    for (const arrangement of [
      'moving-gantry',
      'moving-table',
      'cantilever',
      'lifted-two',
      'lifted-four',
      'fixed-gantry',
    ] as const) {
      const project = {
        ...kayak,
        structure: startingStructure(1.29, 2.54),
        brief: { ...kayak.brief, arrangement },
      };
      expect(projectIssues(project)).toEqual([]);
      const { flex } = machineReport(project, { flex: true });
      for (const way of ['x', 'y', 'z'] as const) {
        expect(flex!.softest[way].stiffness, `${arrangement} ${way}`).toBeGreaterThan(1e4);
        expect(
          flex!.softest[way].budget.reduce((s, p) => s + p.value, 0) * flex!.softest[way].stiffness,
        ).toBeCloseTo(1, 5);
      }
      expect(flex!.frequency.hertz).toBeGreaterThan(1);
    }
  });
});
