import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectFile, writeProjectFile } from '@/core/formats';
import { axisReport, machineReport } from '@/core/machine';
import { asBefore11, asBefore9, asBefore6, asBefore5 } from '@test/helpers/as-before';
import { demoProject, demoText, projectOf } from '@test/helpers/demo';
import { type Axis, type Project, startingBuild, migrate, projectIssues, VERSION } from '.';

describe('a file of version 1', () => {
  const old = JSON.parse(demoText);
  it('opens, is of the present version then, keeps every rule, and is written as it will be read', () => {
    expect(old.version).toBe(1);
    const project = demoProject();
    expect(project.version).toBe(VERSION);
    expect(projectIssues(project as never)).toEqual([]);
    const again = readProjectFile(writeProjectFile(project as never));
    expect(again.ok && again.project).toEqual(project);
  });
  it('keeps every figure that was typed', () => {
    const { axes } = demoProject();
    for (const [i, axis] of axes.entries()) {
      expect(axis.demands.travel).toEqual(old.axes[i].demands.travel);
      expect(axis.drive.lead).toEqual(old.axes[i].drive.lead);
      expect(axis.motor.holdingTorque).toEqual(old.axes[i].motor.holdingTorque);
      expect(axis.driver.setCurrent).toEqual(old.axes[i].driver.crestCurrent);
      expect(axis.driver.marking).toBe('crest');
      expect(axis.loads.masses).toEqual(old.axes[i].loads.masses.map((b: object) => ({ ...b, shape: null })));
      expect(axis.loads.guideDrag).toEqual(old.axes[i].loads.guideDrag);
    }
  });
  it('gives the answers that it gave then: 1.38 and 12.8 m/min', () => {
    // As the first version of the application reported this very file: whip of the bed at 1.376 m/min.
    const [bed, gantry] = demoProject().axes.map((a) => axisReport(a));
    expect(bed!.speed * 60).toBeCloseTo(1.376, 3);
    expect(bed!.governing).toBe('whip');
    expect(gantry!.speed * 60).toBeCloseTo(12.8, 1);
  });
  it('what it did not say is not made up: guide, coupling and supply stay open', () => {
    const [bed] = demoProject().axes;
    expect([
      bed!.coupling.stiffness,
      bed!.supply.power,
      bed!.guide.staticLoad,
      bed!.guide.spacing,
      bed!.drive.play,
    ]).toEqual([null, null, null, null, null]);
    expect([bed!.duty, bed!.parts]).toEqual([[], {}]);
  });
  it('a version to come, none, or a broken one is not taken', () => {
    for (const version of [VERSION + 1, 0, -1, 1.5, '1', null])
      expect(readProjectFile(JSON.stringify({ ...old, version })).ok).toBe(false);
    expect(typeof migrate).toBe('function');
  });
  it('the demo files are of the version that is written now', () => {
    for (const file of ['tern-creek-kayak-router', 'fernhollow-gate-table', 'wayside-scenery-cutter'])
      expect(JSON.parse(readFileSync(`demo/${file}.machine.json`, 'utf8')).version).toBe(VERSION);
  });
});

describe('a file of version 2', () => {
  const text = readFileSync('test/fixtures/machine-v2.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens and keeps every rule; its axes carry nothing, and every mass stays where it was', () => {
    expect(old.version).toBe(2);
    expect(project.version).toBe(VERSION);
    expect(projectIssues(project)).toEqual([]);
    expect(project.axes.map((a) => a.carriedBy)).toEqual([null, null, null]);
    expect(project.axes.map((a) => a.loads.masses.map((b) => b.mass.typed))).toEqual(
      old.axes.map((a: { loads: { masses: { mass: { typed: string } }[] } }) =>
        a.loads.masses.map((b) => b.mass.typed),
      ),
    );
    expect([project.structure, project.stand, project.brief.cuts, project.pins[0]!.axis.carriedBy]).toEqual([
      null,
      [],
      [],
      null,
    ]);
  });
  it('gives the answers that it gave then: 40.4, 12.8 and 9.38 m/min, 76.25 kg on the bed', () => {
    // As version 2 of the application reported this very file.
    const { axes, findings } = machineReport(project);
    expect(axes.map((a) => Number((a.speed * 60).toPrecision(3)))).toEqual([40.4, 12.8, 9.38]);
    expect(axes[0]!.mass).toBeCloseTo(76.25, 2);
    // Nothing is claimed of a machine of which only the axes are known, and it is said so.
    expect(findings.map((f) => [f.code, f.verdict])).toEqual([['frame-unknown', 'not-known']]);
  });
});

describe('a file of version 3', () => {
  const text = readFileSync('test/fixtures/machine-v3.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens and keeps every rule; all that was said stays, and files are an empty list', () => {
    expect(old.version).toBe(3);
    const { version, files, ...rest } = asBefore5(project);
    const { version: _then, ...before } = old;
    expect([version, files]).toEqual([VERSION, []]);
    expect(rest).toEqual(before);
    expect(projectIssues(project)).toEqual([]);
  });
  it('gives the answers that it gave then: 43.3, 12.8 and 9.38 m/min, 65.1 kg on the bed', () => {
    // As version 3 of the application reported this very file.
    const { axes } = machineReport(project);
    expect(axes.map((a) => Number((a.speed * 60).toPrecision(3)))).toEqual([43.3, 12.8, 9.38]);
    expect(axes[0]!.mass).toBeCloseTo(65.1, 1);
  });
});

describe('a file of version 4', () => {
  const text = readFileSync('test/fixtures/machine-v4.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens as it was: an estimate in it counts as said by its owner, and nothing is ours', () => {
    expect(old.version).toBe(4);
    expect({ ...asBefore5(project), version: 4 }).toEqual(old);
    expect(project.version).toBe(VERSION);
    expect(projectIssues(project)).toEqual([]);
    expect(machineReport(project).ours).toEqual([]);
  });
  it('of a sliding nut nobody had said what it is: usual material, and a length that is ours', () => {
    const thread = { kind: 'sliding', form: 'acme', nut: 'compensated', friction: {}, preload: {} };
    const screw = { ...old.axes[1].drive, thread, nominalDiameter: { si: 0.0127 } };
    const at = (nut: string) => {
      const axis = { ...old.axes[1], drive: { ...screw, thread: { ...thread, nut } } };
      const migrated = migrate({ ...old, axes: [axis], pins: [] });
      return migrated.ok && (migrated.document as unknown as Project).axes[0]!.drive;
    };
    const nutLength = { typed: '19 mm', si: 0.019, basis: 'ours' };
    expect(at('plain')).toMatchObject({ thread: { nutMaterial: 'bronze', nutLength } });
    expect(at('compensated')).toMatchObject({ thread: { nutMaterial: 'plastic', nutLength } });
  });
});

describe('a file of version 5', () => {
  const text = readFileSync('test/fixtures/machine-v5.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens as it was; nobody had said what it stands on, so whether it tips is not known', () => {
    expect(old.version).toBe(5);
    expect({ ...asBefore6(project), version: 5 }).toEqual(old);
    expect(project.version).toBe(VERSION);
    expect(projectIssues(project)).toEqual([]);
    const tips = machineReport(project).findings.filter((f) => f.code === 'tips');
    expect(tips.map((f) => [f.verdict, f.path])).toEqual([
      ['not-known', 'structure.feet.height'],
      ['not-known', 'structure.feet.height'],
    ]);
  });
});

describe('a file of version 6', () => {
  const text = readFileSync('test/fixtures/machine-v6.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  const bed = old.axes.findIndex((a: Axis) => a.role === 'bed');
  it('opens; what both ends kept, each end keeps, and the chain comes to the same', () => {
    expect(old.version).toBe(6);
    expect(projectIssues(project)).toEqual([]);
    const before = old.axes[bed].fit;
    const { ends, scatter, reaction, stops } = project.axes[bed]!.fit;
    expect(before.crash.si).toBeGreaterThan(0);
    for (const end of [ends.near, ends.far])
      expect(end).toMatchObject({ crash: before.crash, margin: before.margin, trip: null });
    expect({ scatter, reaction, stops }).toEqual({
      scatter: before.scatter,
      reaction: before.reaction,
      stops: before.stops,
    });
    // What the version before said of it.
    const { chain } = axisReport(project.axes[bed]!);
    expect(chain.soft).toBeCloseTo(1.59375, 9);
    expect(chain.missing).toEqual([]);
  });
});

describe('a file of version 7', () => {
  const text = readFileSync('test/fixtures/machine-v7.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens; every group of holes was of its own axis, and no verdict turns', () => {
    expect(old.version).toBe(7);
    expect(projectIssues(project)).toEqual([]);
    const groups = (axes: Axis[]) => axes.flatMap((a) => a.fit.plates.flatMap((p) => p.groups));
    expect(groups(old.axes).length).toBe(2);
    expect(groups(project.axes as Axis[])).toEqual(groups(old.axes).map((g) => ({ ...g, of: '' })));
    for (const [i, { fit }] of project.axes.entries()) {
      expect(fit.ends).toEqual(old.axes[i].fit.ends);
      expect(fit.mount).toEqual({ ...old.axes[i].fit.mount, datum: 'unknown', grease: 'unknown' });
    }
    // What the version before found on its plates, ends and stack-ups.
    const codes = project.axes.flatMap((a) => axisReport(a).findings.map((f) => f.code));
    expect(codes).toEqual(expect.arrayContaining(['plate-pattern', 'chain-short']));
  });
});

describe('a file of version 8', () => {
  const text = readFileSync('test/fixtures/machine-v8.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens; nothing is got or sawn, and all else is as it was', () => {
    expect(old.version).toBe(8);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore9(project), version: 8 }).toEqual(old);
  });
});

describe('a file of version 9', () => {
  const text = readFileSync('test/fixtures/machine-v9.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens; nothing is said of putting it together, and all else is as it was', () => {
    expect(old.version).toBe(9);
    expect(projectIssues(project)).toEqual([]);
    const {
      assembly,
      steps,
      covers,
      calendar,
      workTimes,
      otherDays,
      sentEntries,
      wiring,
      wirePins,
      ...rest
    } = asBefore11(project);
    expect({ ...rest, version: 9 }).toEqual(old);
    expect(startingBuild()).toMatchObject({ assembly, steps, covers, calendar, workTimes, wiring });
    expect([otherDays, sentEntries, wirePins]).toEqual([[], [], []]);
  });
});

describe('a file of version 10', () => {
  const text = readFileSync('test/fixtures/machine-v10.json', 'utf8');
  const old = JSON.parse(text);
  const project = projectOf(text);
  it('opens; nothing was read on it, and all else is as it was', () => {
    expect(old.version).toBe(10);
    expect(projectIssues(project)).toEqual([]);
    expect({ ...asBefore11(project), version: 10 }).toEqual(old);
  });
});
